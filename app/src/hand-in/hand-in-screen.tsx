import { VERDICT_LINES } from '@tidy-sum/core';
import { useRouter } from 'expo-router';
import Back from 'lucide-react-native/icons/arrow-left';
import Copy from 'lucide-react-native/icons/copy';
import Print from 'lucide-react-native/icons/printer';
import { useMemo, useState } from 'react';
import { ScrollView } from 'react-native';
import createElement from 'react-native-web/dist/exports/createElement';
import { sayWanted } from '../desk/problem';
import { useDesk } from '../desk/use-desk';
import { answerOf, wantOf } from '../desk/work';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { copied } from '../ui/copied';
import { Words } from '../ui/words';
import { mathOf, type Papers, papersOf } from './papers';

const FORMS = [
	{ form: 'text', label: 'text' },
	{ form: 'latex', label: 'LaTeX' },
	{ form: 'mathml', label: 'MathML' },
] as const satisfies readonly { readonly form: keyof Papers; readonly label: string }[];

type Form = (typeof FORMS)[number]['form'];

/** The worked line as a clean page, to print or to save, and as text, LaTeX and MathML to copy. */
export function HandInScreen({ name }: { readonly name: string | undefined }) {
	const styles = useStyles();
	const router = useRouter();
	const view = useDesk(name);
	const { exercise, work, verdict } = view;
	const papers = useMemo(() => papersOf(view), [view]);
	const [form, setForm] = useState<Form | null>(null);
	const [said, setSaid] = useState('');
	const answer = answerOf(exercise, work);
	const take = async (of: Form, label: string) => {
		setForm(of);
		setSaid((await copied(papers[of])) ? `The ${label} is copied.` : `This is the ${label}; mark it and copy it.`);
	};
	return (
		<ScrollView style={styles.screen} contentContainerStyle={styles.page} role="main">
			<Box style={styles.row} data-noprint>
				<Button
					label="To the Desk"
					icon={Back}
					onPress={() => router.navigate(`/desk/${exercise.name}`)}
					testID="to-desk"
				/>
				<Button label="Print, or save as PDF" icon={Print} onPress={() => globalThis.print?.()} testID="print" />
				{FORMS.map(({ form: of, label }) => (
					<Button
						key={of}
						label={`Copy ${label}`}
						icon={Copy}
						on={form === of}
						onPress={() => void take(of, label)}
						testID={`copy-${of}`}
					/>
				))}
			</Box>
			{form ? (
				<Box style={styles.taken} data-noprint>
					<Words size="small" aria-live="polite" testID="copy-says">
						{said}
					</Words>
					<Words mono style={styles.source} testID="copied">
						{papers[form]}
					</Words>
				</Box>
			) : null}
			<Words strong size="title" role="heading" aria-level={1} testID="hand-in-title">
				{exercise.title}
			</Words>
			{exercise.prompt ? <Words testID="problem">{exercise.prompt}</Words> : <Box testID="problem" />}
			<Words size="small" tone="soft">
				Wanted: {sayWanted(exercise, wantOf(exercise, work))}
			</Words>
			<Box style={styles.math} tabIndex={0} role="group" aria-label="The line">
				{createElement('div', {
					style: styles.formula,
					'data-testid': 'hand-in-line',
					dangerouslySetInnerHTML: { __html: mathOf(view) },
				})}
			</Box>
			<Box style={styles.said} role="list" testID="hand-in-said">
				{papers.said.map((sentence) => (
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
					{`Checked. ${VERDICT_LINES.map((line) => `${line}: ${verdict[line].verdict}`).join(', ')}.${work.shown ? ' The worked line was shown.' : ''}${work.nudged ? ` Nudges: ${work.nudged}.` : ''}`}
				</Words>
			) : null}
		</ScrollView>
	);
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
