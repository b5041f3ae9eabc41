import { askedBy, figuresText, parseUnit, sayAsked, sayWanted, type Typing } from '@tidy-sum/core';
import { __iconData as Check } from 'lucide-react-native/icons/check';
import { __iconData as Keyboard } from 'lucide-react-native/icons/keyboard';
import { __iconData as Close } from 'lucide-react-native/icons/x';
import { useCallback, useContext, useState } from 'react';
import type { TextInput } from 'react-native';
import { useReused } from '../../quick/use-reused';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Keypad } from '../../ui/keypad';
import { useCaret } from '../../ui/use-caret';
import { useDeskRoom } from '../../ui/use-room';
import { Words } from '../../ui/words';
import type { DeskView } from '../../work/desk-view';
import { wantOf } from '../../work/line-of-work';
import { answerParts, printedAnswer } from '../../work/printed-answer';
import { Guided } from '../guide';
import { FramingContext, PanelFrame } from '../panel-frame';
import type { PanelProps } from '../panel-row';
import { KeyedBeside } from './keyed';
import { NumberForms } from './number-forms';
import * as words from './words';

type Props = Pick<PanelProps<'answer'>, 'view' | 'acts' | 'wide' | 'panel'> & {
	readonly typing: Typing;
};

/** What has been typed, read back in print; with its count of figures unless silence is wanted. */
function readBack({ support }: DeskView, typing: Typing, text: string): string {
	const { quantity, reads: readAs, example } = typing;
	if (text.trim() === '' || !readAs) return example;
	const [first] = answerParts(typing, text);
	const number = first?.number;
	if (!number) return '';
	const reads = words.readsAs(printedAnswer(typing, text));
	if (support === 'none' || !quantity) return reads;
	const figures =
		number.significant === null
			? words.exactAsWritten
			: number.ambiguous
				? words.to(number.significant, figuresText(number.atMost ?? number.significant))
				: figuresText(number.significant);
	return `${reads} · ${figures}`;
}

/** The units of the keys: the wanted ones first, each whole, then those that the line has met. */
function unitsOf({ exercise, work, worked }: DeskView, { units }: Typing): readonly string[] {
	const wanted = units.length ? units : [wantOf(exercise, work) ?? ''];
	return [...new Set([...wanted, ...worked.pieces.map(({ base }) => base)])].filter((unit) => unit !== '');
}

/** The powers the keys offer: those on the line or in the wanted unit. */
function powersOf({ worked, exercise }: DeskView): readonly string[] {
	const wanted = parseUnit(askedBy(exercise).goal ?? '', { counted: true });
	const powers = (wanted.ok ? wanted.value.parts : []).map(({ power }) => Math.abs(power));
	const highest = Math.max(0, ...powers, ...worked.pieces.map(({ nth }) => nth + 1));
	return ['²', '³'].filter((_, i) => highest >= i + 2);
}

/** Where the answer is written, with keys of our own, and sent to the check. */
export function TypedAnswer({ view, acts, wide, typing, panel }: Props) {
	const styles = useStyles();
	const { answer } = view.work;
	const { onAnswerText: onWrite, onCheck } = acts;
	const [sent, setSent] = useState(false);
	const asked = sent || panel.asked === true;
	// The field may come after the panel, so it takes the cursor when it is there.
	const intoField = useCallback(
		(field: TextInput | null) => {
			if (panel.cursor) field?.focus();
		},
		[panel],
	);
	const room = useDeskRoom();
	const { onClose } = useContext(FramingContext);
	// A phone on its side has our keys too.
	const [keyboard, setKeyboard] = useState(wide && !room.low);
	// Beside the line there is room for our keys and the device's keyboard.
	const hasKeys = !keyboard || (wide && !room.low);
	const caret = useCaret(answer, onWrite);
	const fault = typing.fault(answer);
	const said = fault && (asked || fault.code !== 'empty') ? fault : null;
	const submit = () => {
		setSent(true);
		if (!fault) onCheck();
	};
	const { exercise } = view;
	const units = useReused(unitsOf(view, typing));
	const powers = useReused(powersOf(view));
	const more = useReused(typing.keys);
	const wanted = sayAsked(exercise) && sayWanted(exercise, view.work.want ?? askedBy(exercise).goal);
	// On its side a phone has room beside the field, and none below it.
	const isSideways = wide && room.low;
	const hasIconsOnly = room.narrow || isSideways;
	const check = (
		<Button
			label={words.check}
			kind="strong"
			{...(room.narrow ? {} : { icon: Check })}
			onPress={submit}
			testID="check"
		/>
	);
	const abc =
		wide && !room.low ? null : (
			<Button
				label={hasIconsOnly ? '' : words.abc}
				say={keyboard ? words.useTheKeysForNumbers : words.useTheKeyboardOfTheDevice}
				icon={Keyboard}
				on={keyboard}
				onPress={() => setKeyboard(!keyboard)}
			/>
		);
	// Under the thumb on a phone; beside the line there is room below it.
	const isPinned = !wide || room.low;
	const foot = (
		<Box style={isPinned ? [styles.foot, styles.pinned] : styles.foot}>
			<Box style={[styles.row, styles.field]}>
				<Box style={styles.grow}>
					<Field
						field={intoField}
						label={typing.label}
						value={answer}
						onChange={onWrite}
						onSubmit={submit}
						onSelect={caret.onSelect}
						fault={said}
						reads={readBack(view, typing, answer)}
						placeholder={typing.placeholder}
						keyboard={keyboard}
						testID="answer"
					/>
				</Box>
				{room.tight && onClose ? (
					<Button label="" say={words.closeTheAnswer} icon={Close} onPress={onClose} testID="close-answer" />
				) : null}
				{isSideways ? (
					<>
						{check}
						{abc}
					</>
				) : null}
			</Box>
			{hasKeys ? <Keypad caret={caret} units={units} powers={powers} more={more} /> : null}
			{isSideways ? null : (
				<Box style={styles.row}>
					<Box style={styles.grow}>{check}</Box>
					{abc}
				</Box>
			)}
		</Box>
	);
	return (
		<PanelFrame isBare={room.tight} foot={isPinned ? foot : null}>
			<Guided at={['answer']} />
			<KeyedBeside view={view} acts={acts} />
			{wanted ? <Words size="small">{words.askedFor(wanted)}</Words> : null}
			{isPinned ? null : foot}
			{view.unchecked ? (
				<Words tone="look" role="status" aria-live="polite" testID="unchecked">
					{words.thisCannotBeCheckedYet(view.unchecked)}
				</Words>
			) : null}
			{typing.quantity && view.support !== 'none' && !fault ? <NumberForms text={answer} onWrite={onWrite} /> : null}
		</PanelFrame>
	);
}

const useStyles = makeStyles((palette) => ({
	foot: { gap: GAP.s },
	pinned: { flexGrow: 1, flexShrink: 1, minWidth: 0 },
	row: { flexDirection: 'row', alignItems: 'flex-start', gap: GAP.s },
	// Where the page scrolls as a whole, what is typed stays in view over the keys.
	field: {
		...({ position: 'sticky', top: 0, zIndex: 1 } as object),
		backgroundColor: palette.panel,
		paddingVertical: GAP.xs,
	},
	grow: { flexGrow: 1, flexShrink: 1, minWidth: 0 },
}));
