import type { Factor } from '../../chain/chain';
import { judgeFactor } from '../../chain/judge-factor';
import { readChain } from '../../chain/read-chain';
import type { Asking, Exercise, UnitExercise, WantField } from '../../exercise/exercise';
import { type Key, keyOf } from '../../key/key';
import { bad, good, type Outcome } from '../../numeral/fault';
import { mixedNumberText } from '../../numeral/mixed-number-text';
import { parseNumeral } from '../../numeral/parse-numeral';
import { withPi } from '../../numeral/pi';
import { type Rational, rational, toPower } from '../../numeral/rational';
import { printLine } from '../../say/print-line';
import { printUnitText } from '../../say/say';
import { worthOf } from '../../slip/evidence';
import { unitWritings } from '../../unit/unit-writings';
import { wantFieldOf } from '../answer-kinds';
import { countText } from '../count';
import { mixedParts } from '../mixed';
import { oneFactor, writtenFactor } from '../one-factor';
import { wrongBlock } from '../wrong-block';
import type { Entries, EntriesOf, Entry, NumberEntry, TextEntry } from './entry';
import { doubleText, exactly, numberEntry, takenWithin } from './number-entry';

const NUMBERS_PLAIN = 'A number is taken with a point and no grouping, a power of ten with e: 2.50e3.';
const UNIT_LISTED = 'A unit is taken in its common writings, letter by letter, and in no other.';
const ROUNDED_FACTS = 'An answer by facts between systems that are rounded on the way is not taken.';

function apart(entries: readonly Entry[], cannot: readonly string[], shows = ''): Outcome<Entries> {
	return good({ entries, shows, cannot });
}

function unitEntry({ unit }: Key): readonly TextEntry[] {
	return unit.text === '' ? [] : [{ by: 'text', name: 'UNIT', label: 'Unit:', written: unitWritings(unit) }];
}

/** A value as a fraction: with its whole part before it, and all above one bar. */
function fractionWritings(value: Rational): readonly string[] {
	return [...new Set([mixedNumberText(value), `${value.n}/${value.d}`])];
}

const quantityEntries: EntriesOf<UnitExercise> = (exercise) => {
	const { until, want } = exercise;
	const key = keyOf(exercise);
	if (!key.ok) return key;
	const unit = unitEntry(key.value);
	const cannot = [NUMBERS_PLAIN, ...(unit.length ? [UNIT_LISTED] : []), ROUNDED_FACTS];
	if (want.form === 'fraction') {
		const written = fractionWritings(withPi(key.value.value, key.value.pi));
		return apart([{ by: 'text', name: 'NUMBER', label: 'Number:', written }, ...unit], cannot);
	}
	if (!until) return apart([numberEntry('NUMBER', 'Number:', key.value, want.form), ...unit], cannot);
	const end = keyOf({ ...exercise, start: until });
	if (!end.ok) return end;
	const [low, high] = [key.value, end.value].sort((a, b) => withPi(a.value, a.pi).compare(withPi(b.value, b.pi)));
	return apart(
		[numberEntry('LOW', 'From:', low as Key, want.form), numberEntry('HIGH', 'to', high as Key, want.form), ...unit],
		cannot,
	);
};

const mixedEntries: EntriesOf<Asking<'mixed'>> = (exercise) => {
	const parts = mixedParts(exercise);
	if (!parts.ok) return parts;
	const entries = parts.value.map(
		({ value, unit }, i): NumberEntry => ({
			by: 'number',
			name: `PART${i + 1}`,
			label: printUnitText(unit),
			behind: printUnitText(unit),
			taken: exactly(value),
			...(i > 0 && value.sign < 0 ? { signSaid: true } : {}),
		}),
	);
	return apart(entries, ['Each part is taken as it should be: 7 ft 17 in is not taken for 8 ft 5 in.']);
};

const severalEntries: EntriesOf<Asking<'units'>> = (exercise) => {
	const entries: Entry[] = [];
	for (const [i, unit] of exercise.want.units.entries()) {
		const key = keyOf({ ...exercise, want: { unit } });
		if (!key.ok) return key;
		const printed = printUnitText(unit);
		entries.push({ ...numberEntry(`NUMBER${i + 1}`, `In ${printed}:`, key.value), behind: printed });
	}
	return apart(entries, [NUMBERS_PLAIN, ROUNDED_FACTS]);
};

const countEntries: EntriesOf<Asking<'figures'>> = ({ want }) => {
	const read = parseNumeral(want.figures);
	if (!read.ok) return read;
	const { significant } = read.value;
	if (significant === null) return bad('no-key', 'This number is exact as written, so its figures are not counted.');
	const taken = exactly(rational(BigInt(significant)));
	return apart([{ by: 'number', name: 'COUNT', label: 'How many:', behind: '', taken }], []);
};

/** How far a measured factor is looked at, and one that is exact, as far as a division of doubles goes. */
const MEASURED_FIGURES = 3;
const DIVIDED_FIGURES = 12;

function raisedUnit({ power = 1 }: Factor, unit: string): string {
	return printUnitText(power > 1 ? `(${unit})^${power}` : unit);
}

const factorEntries: EntriesOf<Asking<'factor'>> = (exercise) => {
	const solved = oneFactor.solve(exercise);
	if (!solved.ok) return solved;
	const [factor] = solved.value.chain?.factors ?? [];
	const read = solved.value.chain && readChain(solved.value.chain);
	const [first] = read?.ok ? read.value.factors : [];
	const worth = first && worthOf(first);
	if (!factor || !first || !worth) return bad('no-key', 'This exercise has no factor that can be written as a number.');
	const { exact } = judgeFactor(first);
	const { power = 1, top, bottom } = factor;
	const numbers = [first.top.number, first.bottom.number].map((number) =>
		number ? doubleText(toPower(number.value, power)) : '1',
	);
	return apart(
		[
			{
				by: 'over',
				name: 'FACTOR',
				label: writtenFactor({ ...factor, top: { ...top, number: '…' }, bottom: { ...bottom, number: '…' } }),
				behind: [raisedUnit(factor, top.unit), raisedUnit(factor, bottom.unit)],
				written: [numbers[0] as string, numbers[1] as string],
				taken: [takenWithin(worth, { significant: exact ? DIVIDED_FIGURES : MEASURED_FIGURES })],
			},
		],
		[
			'The units of the factor stand there already; only its numbers are asked.',
			...(exact ? [] : ['Of a measured factor three figures are looked at.']),
		],
	);
};

const blockEntries: EntriesOf<Asking<'slip'>> = (exercise) => {
	const solved = wrongBlock.solve(exercise);
	if (!solved.ok) return solved;
	const at = countText(solved.value);
	if (!at.ok) return at;
	const { slip } = exercise.want;
	return apart(
		[
			{
				by: 'choice',
				name: 'BLOCK',
				label: 'Which factor is wrong?',
				options: slip.factors.map((factor, i) => `Factor ${i + 1}: ${writtenFactor(factor)}`),
				right: Number(at.value) - 1,
			},
		],
		['It is chosen from a list, so it can be guessed.'],
		printLine(slip),
	);
};

/** A row for each kind of answer. */
const ENTRIES: { readonly [K in WantField]: EntriesOf<Asking<K>> } = {
	unit: quantityEntries,
	mixed: mixedEntries,
	units: severalEntries,
	figures: countEntries,
	factor: factorEntries,
	slip: blockEntries,
};

/**
 * An answer taken apart for programs that read numbers and compare letters: its numbers each with the roundings and
 * writings that are taken, its unit with its common writings; and what cannot be judged so, in sentences.
 * @returns the parts, or what the key of the exercise ends with.
 */
export function entriesOf(exercise: Exercise): Outcome<Entries> {
	return (ENTRIES[wantFieldOf(exercise.want)] as EntriesOf<Exercise>)(exercise);
}
