import { LINE_FORMS, type LineForm } from '@tidy-sum/exchange';
import { fileName } from '@tidy-sum/exchange/form-rows';
import { useRouter } from 'expo-router';
import { __iconData as Back } from 'lucide-react-native/icons/arrow-left';
import { __iconData as Copy } from 'lucide-react-native/icons/copy';
import { __iconData as Print } from 'lucide-react-native/icons/printer';
import { useState } from 'react';
import { type Answered, answerForms } from '../taking/answer-forms';
import type { TakeForm } from '../taking/take-form';
import { TakeWith } from '../taking/take-with';
import { CORNER, GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { copied } from '../ui/copied';
import { Words } from '../ui/words';
import * as words from './words';

type Props = {
	/** Where one comes from. */
	readonly back: { readonly label: string; readonly path: string };
	/** What stands on the paper, in a form. */
	readonly make: (form: LineForm) => string;
	/** What it is called as a file, and the answers on it. */
	readonly title: string;
	readonly answered: () => readonly Answered[];
	/** Where a working is laid beside it; left out where it is no single line. */
	readonly working?: string;
};

/** What each form is good for as a file. */
const SAYS: Readonly<Record<string, string>> = {
	text: words.opensInAnyProgram,
	latex: words.forLatex,
	mathml: words.forAWebPageOrAWord,
};

/** Back to the Desk, to print, and each form to copy; what was copied last is shown, to be marked by hand. */
export function Ways({ back, make, title, answered, working }: Props) {
	const styles = useStyles();
	const router = useRouter();
	const [taken, setTaken] = useState<{ readonly form: LineForm; readonly text: string } | null>(null);
	const [said, setSaid] = useState('');
	const saved = (form: LineForm): TakeForm => ({
		name: form.name,
		label: form.label.replace(/^./, (first) => first.toUpperCase()),
		says: SAYS[form.name] ?? '',
		make: async () => ({ content: make(form), name: fileName(title, form.extension), type: form.type, says: [] }),
	});
	const take = async (form: LineForm) => {
		const text = make(form);
		setTaken({ form, text });
		setSaid((await copied(text)) ? words.theIsCopied(form.label) : words.hereIsTheSelectItAndCopyIt(form.label));
	};
	return (
		<>
			<Box style={styles.row} data-noprint>
				<Button label={back.label} icon={Back} onPress={() => router.navigate(back.path as '/')} testID="to-desk" />
				{working ? (
					<Button
						label={words.aWorking}
						say={words.toCompareWithThisLine}
						onPress={() => router.navigate(working as '/')}
						testID="to-working"
					/>
				) : null}
				<Button label={words.printOrSaveAsPdf} icon={Print} onPress={() => globalThis.print?.()} testID="print" />
				{LINE_FORMS.map((form) => (
					<Button
						key={form.name}
						label={words.copy(form.label)}
						icon={Copy}
						on={taken?.form === form}
						onPress={() => void take(form)}
						testID={`copy-${form.name}`}
					/>
				))}
			</Box>
			<TakeWith forms={[...LINE_FORMS.map(saved), ...answerForms(title, answered)]} />
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

/** How a page to hand in is laid out. */
export const usePaperStyles = makeStyles((palette) => ({
	screen: { flex: 1, backgroundColor: palette.page },
	page: { padding: GAP.l, gap: GAP.m, maxWidth: 800, width: '100%', alignSelf: 'center' },
}));

const useStyles = makeStyles((palette) => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	taken: { gap: GAP.s, padding: GAP.m, backgroundColor: palette.panel, borderRadius: CORNER },
	source: { ...({ overflowWrap: 'anywhere', userSelect: 'all' } as object) },
}));
