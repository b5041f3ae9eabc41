import { answerFault, type Fault, figuresText, printWritten, readAnswer } from '@tidy-sum/core';
import Check from 'lucide-react-native/icons/check';
import Keyboard from 'lucide-react-native/icons/keyboard';
import { useRef, useState } from 'react';
import { View } from 'react-native';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Button } from '../../ui/button';
import { Keypad } from '../../ui/keypad';
import { Panel } from '../../ui/panel';
import { QuantityField } from '../../ui/quantity-field';
import type { DeskView } from '../use-desk';

type Props = {
	readonly view: DeskView;
	readonly wide: boolean;
	readonly onWrite: (text: string) => void;
	readonly onCheck: () => void;
	readonly onClose?: () => void;
};

/** What has been typed, read back in print, with its count of figures. */
function readBack(text: string): string {
	const read = readAnswer(text);
	if (text.trim() === '' || !read.ok || !read.value.number) return 'For example 27.1 ft/s, 3.0 × 10^3 s or 1 250 m.';
	const { number, unit } = read.value;
	const figures =
		number.significant === null
			? 'exact by its form'
			: number.ambiguous
				? `${number.significant} to ${figuresText(number.atMost ?? number.significant)}`
				: figuresText(number.significant);
	return `Reads as ${printWritten(number.text)} ${unit?.text ?? ''}`.trimEnd().concat(` · ${figures}`);
}

/** The units met on the line, in the order they came, for the keys; not only the wanted ones. */
function unitsOf(view: DeskView): readonly string[] {
	return [...new Set(view.worked.pieces.map(({ base }) => base))];
}

/** Where the answer is written, with keys of our own, and sent to the check. */
export function AnswerPanel({ view, wide, onWrite, onCheck, onClose }: Props) {
	const styles = useStyles();
	const { answer } = view.work;
	const [asked, setAsked] = useState(false);
	const [keyboard, setKeyboard] = useState(wide);
	const caret = useRef<readonly [number, number]>([answer.length, answer.length]);
	const fault: Fault | null = answerFault(view.exercise, answer);
	const said = fault && (asked || fault.code !== 'empty') ? fault : null;

	const replace = (from: number, to: number, text: string) => {
		onWrite(answer.slice(0, from) + text + answer.slice(to));
		caret.current = [from + text.length, from + text.length];
	};
	const type = (text: string) => replace(...caret.current, text);
	const erase = () => {
		const [from, to] = caret.current;
		replace(from === to ? Math.max(0, from - 1) : from, to, '');
	};
	const submit = () => {
		setAsked(true);
		if (!fault) onCheck();
	};
	return (
		<Panel title="Your answer" testID="answer-panel" {...(onClose ? { onClose } : {})}>
			<QuantityField
				label="Your answer, a number and a unit"
				value={answer}
				onChange={onWrite}
				onSubmit={submit}
				onSelect={(from, to) => {
					caret.current = [from, to];
				}}
				fault={said}
				reads={readBack(answer)}
				keyboard={keyboard}
			/>
			{keyboard && !wide ? null : (
				<Keypad
					onType={type}
					onErase={erase}
					units={unitsOf(view)}
					powers={view.worked.pieces.some(({ nth }) => nth > 0) ? ['²'] : []}
				/>
			)}
			<View style={styles.row}>
				<View style={styles.grow}>
					<Button label="Check" kind="strong" icon={Check} onPress={submit} testID="check" />
				</View>
				{wide ? null : (
					<Button
						label="abc"
						say={keyboard ? 'use the keys for numbers' : 'use the keyboard of the device'}
						icon={Keyboard}
						on={keyboard}
						onPress={() => setKeyboard(!keyboard)}
					/>
				)}
			</View>
		</Panel>
	);
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', gap: GAP.s },
	grow: { flexGrow: 1 },
}));
