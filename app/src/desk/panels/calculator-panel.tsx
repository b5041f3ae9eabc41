import { calculate, keysOf } from '@tidy-sum/core/help';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Key } from '../../ui/key';
import { Words } from '../../ui/words';
import { PanelFrame } from '../panel-frame';
import type { PanelProps } from '../panel-row';
import { shownResult, useKeyed, wholeResult } from './keyed';
import * as words from './words';

declare module '../../work/panel-slice' {
	interface Panels {
		readonly calculator: object;
	}
}

const SPOKEN: Readonly<Record<string, string>> = {
	'÷': words.dividedBy,
	'×': 'times',
	'−': 'minus',
	'+': 'plus',
	'(': words.openBracket,
	')': words.closeBracket,
	EE: words.timesTenToThe,
	'.': 'point',
};

const ROWS: readonly (readonly string[])[] = [
	['7', '8', '9', '÷', '('],
	['4', '5', '6', '×', ')'],
	['1', '2', '3', '−', 'EE'],
	['0', '.', '+'],
];

/** How a key is written behind what stands: signs with spaces, digits without. */
function keyed(text: string, key: string): string {
	if (/^[\d.]$/.test(key)) return text + key;
	// A sign right after EE belongs to the power.
	if (key === '−' && /EE\s*$/.test(text)) return `${text.trimEnd()} -`;
	return `${text.trimEnd()} ${key} `.trimStart();
}

/** A plain calculator of our own. It works from left to right, and takes the line as it is keyed. */
export function CalculatorPanel({ view, acts, wide }: PanelProps<'calculator'>) {
	const styles = useStyles();
	const text = useKeyed(view.exercise.name);
	const setText = acts.onKey;
	const result = calculate(text);
	const keys = keysOf(view.chain);
	const empty = text.trim() === '';
	return (
		<PanelFrame>
			<Field
				label={words.keysPressed}
				value={text}
				onChange={setText}
				keyboard={wide}
				fault={empty || result.ok ? null : result.fault}
				placeholder="40 × 5280 ÷ ( 60 × 60 )"
				testID="keyed"
			/>
			<Words size="title" strong aria-live="polite" testID="calculated">
				{result.ok ? `= ${shownResult(result.value)}` : '='}
			</Words>
			<Box style={styles.row}>
				<Button
					label={words.takeItToTheAnswer}
					kind="strong"
					disabled={!result.ok}
					onPress={() => result.ok && acts.onTakeNumber(wholeResult(result.value))}
					testID="take-keyed"
				/>
				{view.numbers === 'covered' ? null : (
					<Button
						label={words.fillInTheLine}
						disabled={!keys.ok}
						onPress={() => keys.ok && setText(keys.value.keys.replace(/ =$/, ''))}
						testID="take-line"
					/>
				)}
				<Button label={words.clear} onPress={() => setText('')} testID="clear-keys" />
				<Button
					label={words.erase}
					onPress={() => setText(text.trimEnd().replace(/(?:EE|.)$/u, ''))}
					testID="erase-keys"
				/>
			</Box>
			<Box style={styles.keys} role="group" aria-label={words.keysOfTheCalculator}>
				{ROWS.map((row) => (
					<Box key={row[0]} style={styles.line}>
						{row.map((key) => (
							<Key
								key={key}
								shows={key}
								say={SPOKEN[key]}
								onPress={() => setText(keyed(text, key))}
								testID={`calc-${key}`}
							/>
						))}
					</Box>
				))}
			</Box>
			<Words size="small" tone="soft">
				{words.putBracketsRoundABottom}
			</Words>
		</PanelFrame>
	);
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	keys: { gap: GAP.xs },
	line: { flexDirection: 'row', gap: GAP.xs },
}));
