import {
	answerFault,
	type Chain,
	type Fault,
	figuresText,
	inForm,
	NUMBER_FORMS,
	type NumberForm,
	printForm,
	printQuantity,
	printWritten,
	readAnswer,
	sidesOfStart,
	toMixed,
} from '@tidy-sum/core';
import Check from 'lucide-react-native/icons/check';
import Keyboard from 'lucide-react-native/icons/keyboard';
import { useRef, useState } from 'react';
import { View } from 'react-native';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Touch } from '../../ui/box';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Fraction } from '../../ui/fraction';
import { Keypad } from '../../ui/keypad';
import { Panel } from '../../ui/panel';
import { Words } from '../../ui/words';
import { sayWanted } from '../problem';
import type { DeskView } from '../use-desk';
import { answerOf } from '../work';

type Props = {
	readonly view: DeskView;
	readonly wide: boolean;
	readonly onWrite: (text: string) => void;
	readonly onCheck: () => void;
	readonly onClose?: () => void;
};

/** An example of how an answer of this kind is written. */
function exampleOf({ exercise }: DeskView): string {
	const { want, until } = exercise;
	if ('figures' in want) return 'A whole number, such as 3.';
	if ('mixed' in want) return `For example ${want.mixed.map((unit, i) => `${3 + 4 * i} ${unit}`).join(' ')}.`;
	if (until && 'unit' in want) return `For example 59 to 77 ${want.unit}.`;
	return 'For example 27.1 ft/s, 3.0 × 10^3 s or 1 250 m.';
}

/** What has been typed, read back in print; with its count of figures unless silence is wanted. */
function readBack(view: DeskView, text: string): string {
	const read = readAnswer(text);
	if (text.trim() === '' || 'figures' in view.exercise.want) return exampleOf(view);
	if (!read.ok || !read.value.number) return '';
	const { number, unit } = read.value;
	const reads = `Reads as ${printWritten(number.text)} ${unit?.text ?? ''}`.trimEnd();
	if (view.support === 'none' || !('unit' in view.exercise.want) || view.exercise.until) return reads;
	const figures =
		number.significant === null
			? 'exact by its form'
			: number.ambiguous
				? `${number.significant} to ${figuresText(number.atMost ?? number.significant)}`
				: figuresText(number.significant);
	return `${reads} · ${figures}`;
}

/** The units met on the line, in the order they came, for the keys; not only the wanted ones. */
function unitsOf({ worked, exercise }: DeskView): readonly string[] {
	const wanted = 'mixed' in exercise.want ? exercise.want.mixed : [];
	return [...new Set([...worked.pieces.map(({ base }) => base), ...wanted])];
}

const LABELS: Readonly<Record<NumberForm, string>> = {
	plain: 'Plain',
	scientific: 'Scientific',
	engineering: 'In threes',
	fraction: 'Fraction',
};

/** Smaller units a measure is mixed with, by the larger one. */
const MIXES: Readonly<Record<string, readonly string[]>> = {
	ft: ['ft', 'in'],
	lb: ['lb', 'oz'],
	h: ['h', 'min'],
	min: ['min', 's'],
	d: ['d', 'h'],
	'°': ['°', '′'],
	gal: ['gal', 'qt'],
};

/** Switches what is typed among the forms a number can be written in; the figures stay as they are. */
function Forms({ text, onWrite }: { readonly text: string; readonly onWrite: (text: string) => void }) {
	const styles = useStyles();
	const read = readAnswer(text);
	if (!read.ok || !read.value.number) return null;
	const { number, unit, unitAt } = read.value;
	const typed = text.slice(...unitAt);
	const mix = unit && MIXES[unit.text];
	const mixed = mix && toMixed({ number: number.text, unit: typed }, mix);
	return (
		<View style={styles.forms} role="group" aria-label="The form of the number">
			<Words size="small" tone="soft">
				Write it
			</Words>
			{NUMBER_FORMS.map((form) => {
				const shown = inForm(number, form);
				return shown === null || printForm(shown) === printForm(number.text) ? null : (
					<Button
						key={form}
						label={LABELS[form]}
						say={printForm(shown)}
						onPress={() => onWrite(`${printForm(shown)} ${typed}`.trim())}
						testID={`form-${form}`}
					/>
				);
			})}
			{mix && mixed?.ok ? (
				<Button
					label={`In ${mix.join(' and ')}`}
					onPress={() => onWrite(mixed.value.parts.map((part) => `${part.number} ${part.unit}`).join(' '))}
					testID="form-mixed"
				/>
			) : null}
		</View>
	);
}

function faultOf(view: DeskView, text: string): Fault | null {
	const { want, until } = view.exercise;
	if ('unit' in want && !until) return answerFault({ ...view.exercise, want }, text);
	return text.trim() === '' ? { code: 'empty', message: 'There is no answer here yet.', at: [0, text.length] } : null;
}

/** Where only one factor is asked for, the block on the line is the answer. */
function OneFactor({ view, onCheck, onClose }: Pick<Props, 'view' | 'onCheck' | 'onClose'>) {
	const placed = view.blocks.length > 0;
	return (
		<Panel title="Your factor" testID="answer-panel" {...(onClose ? { onClose } : {})}>
			<Words testID="answer-says">
				{placed
					? `The block on the line is your answer: ${answerOf(view.exercise, view.work)}.`
					: 'The answer here is one block on the line. Touch the unit that must go, or write the block yourself.'}
			</Words>
			<Button label="Check" kind="strong" icon={Check} disabled={!placed} onPress={onCheck} testID="check" />
		</Panel>
	);
}

/** Where the wrong block of someone's line is asked for: its blocks, to choose one. */
function WrongBlock({ view, line, onWrite, onCheck, onClose }: Omit<Props, 'wide'> & { readonly line: Chain }) {
	const styles = useStyles();
	const { answer } = view.work;
	const start = sidesOfStart(line.start).top;
	return (
		<Panel title="Which block is wrong?" testID="answer-panel" {...(onClose ? { onClose } : {})}>
			<View style={styles.blocks} role="group" aria-label="The line someone wrote">
				<Words>{printQuantity(start)}</Words>
				{line.factors.map((factor, i) => {
					const named = `factor ${i + 1}`;
					return (
						// biome-ignore lint/suspicious/noArrayIndexKey: a block of a given line is its place.
						<View key={i} style={styles.times}>
							<Words aria-hidden>×</Words>
							<Touch
								aria-pressed={answer === named}
								onTouch={() => onWrite(named)}
								style={[styles.block, answer === named && styles.chosen]}
								testID={`block-${i + 1}`}
							>
								<Words size="small" tone="soft">
									{i + 1}
								</Words>
								<Fraction
									top={<Words>{printQuantity(factor.top)}</Words>}
									bottom={<Words>{printQuantity(factor.bottom)}</Words>}
								/>
								{factor.power && factor.power > 1 ? <Words size="small">to the power {factor.power}</Words> : null}
							</Touch>
						</View>
					);
				})}
			</View>
			<Words testID="answer-says">
				{answer ? `Block ${answer.replace(/\D/g, '')} is your answer.` : 'Touch the block that is wrong.'}
			</Words>
			<Button label="Check" kind="strong" icon={Check} disabled={!answer} onPress={onCheck} testID="check" />
		</Panel>
	);
}

/** Where the answer is written, with keys of our own, and sent to the check. */
export function AnswerPanel({ view, wide, onWrite, onCheck, onClose }: Props) {
	const styles = useStyles();
	const { answer } = view.work;
	const [asked, setAsked] = useState(false);
	const [keyboard, setKeyboard] = useState(wide);
	const caret = useRef<readonly [number, number]>([answer.length, answer.length]);
	const { want } = view.exercise;
	if ('factor' in want) return <OneFactor view={view} onCheck={onCheck} {...(onClose ? { onClose } : {})} />;
	const shut = onClose ? { onClose } : {};
	if ('slip' in want) return <WrongBlock view={view} line={want.slip} onWrite={onWrite} onCheck={onCheck} {...shut} />;
	const fault = faultOf(view, answer);
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
	const switches = 'unit' in want && !view.exercise.until && view.support !== 'none';
	return (
		<Panel title="Your answer" testID="answer-panel" {...(onClose ? { onClose } : {})}>
			{typeof view.exercise.rounding === 'object' || ('form' in want && want.form) ? (
				<Words size="small">
					Asked for: {sayWanted(view.exercise, view.work.want ?? ('unit' in want ? want.unit : null))}.
				</Words>
			) : null}
			<Field
				label={'figures' in want ? 'Your count' : 'Your answer, a number and a unit'}
				value={answer}
				onChange={onWrite}
				onSubmit={submit}
				onSelect={(from, to) => {
					caret.current = [from, to];
				}}
				fault={said}
				reads={readBack(view, answer)}
				placeholder={'figures' in want ? 'how many' : 'number and unit'}
				keyboard={keyboard}
				testID="answer"
			/>
			{keyboard && !wide ? null : (
				<Keypad
					onType={type}
					onErase={erase}
					units={unitsOf(view)}
					powers={view.worked.pieces.some(({ nth }) => nth > 0) ? ['²'] : []}
					more={view.exercise.until ? [' to '] : []}
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
			{view.unchecked ? (
				<Words tone="look" role="status" aria-live="polite" testID="unchecked">
					This cannot be checked yet. {view.unchecked}
				</Words>
			) : null}
			{switches && !fault ? <Forms text={answer} onWrite={onWrite} /> : null}
		</Panel>
	);
}

const useStyles = makeStyles((palette) => ({
	row: { flexDirection: 'row', gap: GAP.s },
	grow: { flexGrow: 1 },
	blocks: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: GAP.s },
	times: { flexDirection: 'row', alignItems: 'center', gap: GAP.s },
	block: {
		minHeight: 48,
		alignItems: 'center',
		padding: GAP.s,
		borderWidth: 1,
		borderColor: palette.edge,
	},
	chosen: { borderColor: palette.pine, backgroundColor: palette.pineWash },
	forms: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: GAP.s },
}));
