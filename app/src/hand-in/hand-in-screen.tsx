import { sayWanted, VERDICT_LINES } from '@tidy-sum/core';
import { sayLine } from '@tidy-sum/core/help';
import { LINE_FORMS, type LineForm, type LinePaper, lineMathml } from '@tidy-sum/exchange';
import { useRouter } from 'expo-router';
import Back from 'lucide-react-native/icons/arrow-left';
import Copy from 'lucide-react-native/icons/copy';
import Print from 'lucide-react-native/icons/printer';
import { useMemo, useState } from 'react';
import { ScrollView } from 'react-native';
import createElement from 'react-native-web/dist/exports/createElement';
import { WithExercise } from '../store/with-exercise';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { copied } from '../ui/copied';
import { Words } from '../ui/words';
import type { DeskView } from '../work/desk-view';
import { answerOf, wantOf } from '../work/line-of-work';

/** The line as it is handed in, with the problem and the answer. */
function paperOf({ exercise, chain, shown, work }: DeskView): LinePaper {
	return {
		title: exercise.title,
		prompt: exercise.prompt,
		wanted: sayWanted(exercise, wantOf(exercise, work)),
		answer: answerOf(exercise, work),
		chain,
		worked: shown,
	};
}

type WaysProps = { readonly name: string; readonly paper: LinePaper };

/** Back to the Desk, to print, and each form to copy; what was copied last is shown, to be marked by hand. */
function Ways({ name, paper }: WaysProps) {
	const styles = useStyles();
	const router = useRouter();
	const [taken, setTaken] = useState<{ readonly form: LineForm; readonly text: string } | null>(null);
	const [said, setSaid] = useState('');
	const take = async (form: LineForm) => {
		const text = form.make(paper);
		setTaken({ form, text });
		setSaid((await copied(text)) ? `The ${form.label} is copied.` : `This is the ${form.label}; mark it and copy it.`);
	};
	return (
		<>
			<Box style={styles.row} data-noprint>
				<Button label="To the Desk" icon={Back} onPress={() => router.navigate(`/desk/${name}`)} testID="to-desk" />
				<Button label="Print, or save as PDF" icon={Print} onPress={() => globalThis.print?.()} testID="print" />
				{LINE_FORMS.map((form) => (
					<Button
						key={form.name}
						label={`Copy ${form.label}`}
						icon={Copy}
						on={taken?.form === form}
						onPress={() => void take(form)}
						testID={`copy-${form.name}`}
					/>
				))}
			</Box>
			{taken ? (
				<Box style={styles.taken} data-noprint>
					<Words size="small" aria-live="polite" testID="copy-says">
						{said}
					</Words>
					<Words mono style={styles.source} testID="copied">
						{taken.text}
					</Words>
				</Box>
			) : null}
		</>
	);
}

function Paper({ view }: { readonly view: DeskView }) {
	const styles = useStyles();
	const { exercise, work, verdict } = view;
	const paper = useMemo(() => paperOf(view), [view]);
	const { answer } = paper;
	const sentences = useMemo(() => sayLine(view.shown), [view]);
	return (
		<ScrollView style={styles.screen} contentContainerStyle={styles.page} role="main">
			<Ways name={exercise.name} paper={paper} />
			<Words strong size="title" role="heading" aria-level={1} testID="hand-in-title">
				{exercise.title}
			</Words>
			{exercise.prompt ? <Words testID="problem">{exercise.prompt}</Words> : <Box testID="problem" />}
			<Words size="small" tone="soft">
				Wanted: {paper.wanted}
			</Words>
			<Box style={styles.math} tabIndex={0} role="group" aria-label="The line">
				{createElement('div', {
					style: styles.formula,
					'data-testid': 'hand-in-line',
					dangerouslySetInnerHTML: { __html: lineMathml(paper) },
				})}
			</Box>
			<Box style={styles.said} role="list" testID="hand-in-said">
				{sentences.map((sentence) => (
					<Box key={sentence} role="listitem">
						<Words>{sentence}</Words>
					</Box>
				))}
			</Box>
			<Words strong size="figure" testID="hand-in-answer">
				{answer ? `Answer: ${answer}` : 'No answer is written yet.'}
			</Words>
			{verdict ? (
				<Words size="small" tone="soft" testID="hand-in-check">
					{`Checked. ${VERDICT_LINES.map((line) => `${line}: ${verdict[line].verdict}`).join(', ')}.${work.shown ? ' The worked line was shown.' : ''}${work.nudged ? ` Nudges: ${work.nudged}.` : ''}${work.uncovered.length ? ` Numbers uncovered: ${work.uncovered.length}.` : ''}`}
				</Words>
			) : null}
		</ScrollView>
	);
}

/** The worked line as a clean page, to print or to save, and as text, LaTeX and MathML to copy. */
export function HandInScreen({ name }: { readonly name: string }) {
	return <WithExercise name={name}>{(view) => <Paper view={view} />}</WithExercise>;
}

const useStyles = makeStyles((palette) => ({
	screen: { flex: 1, backgroundColor: palette.page },
	page: { padding: GAP.l, gap: GAP.m, maxWidth: 800, width: '100%', alignSelf: 'center' },
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	taken: { gap: GAP.s, padding: GAP.m, backgroundColor: palette.panel, borderRadius: 8 },
	source: { ...({ overflowWrap: 'anywhere', userSelect: 'all' } as object) },
	math: { paddingVertical: GAP.m, ...({ overflowX: 'auto' } as object) },
	formula: { color: palette.ink, fontSize: 22, lineHeight: 64 },
	said: { gap: GAP.xs },
}));
