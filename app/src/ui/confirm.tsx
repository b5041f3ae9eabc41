import { useEffect, useRef, useState } from 'react';
import { CORNER, GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from './box';
import { Button } from './button';
import { isByKeyboard } from './by-keyboard';
import { IntoView } from './into-view';
import { Words } from './words';

type Props = {
	/** What is to be done, as it stands on the button. */
	readonly label: string;
	readonly say?: string;
	/** What is asked before it is done: what goes, and what stays. */
	readonly question: string;
	readonly yes: string;
	readonly no: string;
	readonly onYes: () => void;
	readonly testID: string;
};

/** Something that cannot be taken back: it is asked about once, in full, and done only then. */
export function Confirm({ label, say, question, yes, no, onYes, testID }: Props) {
	const styles = useStyles();
	const [asked, setAsked] = useState(false);
	const group = useRef<HTMLElement>(null);
	useEffect(() => {
		// The button that was pressed is gone: whoever works by keyboard goes on at the question.
		if (asked && isByKeyboard()) group.current?.focus();
	}, [asked]);
	if (!asked) return <Button label={label} {...(say ? { say } : {})} onPress={() => setAsked(true)} testID={testID} />;
	return (
		<IntoView style={styles.whole}>
			<Box role="group" aria-label={label} style={styles.asked} tabIndex={-1} ref={group}>
				<Words strong role="alert">
					{question}
				</Words>
				<Box style={styles.row}>
					<Button
						label={yes}
						onPress={() => {
							setAsked(false);
							onYes();
						}}
						testID={`${testID}-yes`}
					/>
					<Button label={no} onPress={() => setAsked(false)} testID={`${testID}-no`} />
				</Box>
			</Box>
		</IntoView>
	);
}

const useStyles = makeStyles((palette) => ({
	asked: { gap: GAP.s, padding: GAP.m, borderWidth: 1, borderColor: palette.rule, borderRadius: CORNER },
	whole: { width: '100%' },
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
}));
