import type { Asking, UnitExercise } from '../exercise/exercise';
import { keyOf } from '../key/key';
import type { OwnLine } from '../key/own-key';
import { type AnswerLines, type Judged, type VerdictLine, worst } from '../key/verdict';
import { bad, good, type Outcome, type Span, within } from '../numeral/fault';
import { withPi } from '../numeral/pi';
import { rationalText } from '../numeral/rational';
import { ANSWER_LIMIT, readAnswer } from '../read/read-answer';
import { unitTextInSentence } from '../say/in-sentence';
import { listed } from '../say/listed';
import { printUnitText } from '../say/say';
import { likeUnits, sameSize } from '../unit/like-units';
import type { Unit } from '../unit/unit';
import type { AnswerKind, Solution } from './answer-kind';
import { judgeQuantity } from './quantity/judge-quantity';
import { emptyFault, wantedUnits } from './quantity/quantity';
import { solveQuantity } from './quantity/solve-quantity';

declare module '../exercise/exercise' {
	interface Wants {
		/** The same quantity in each of these units: in K and in °C. */
		readonly units: { readonly units: readonly string[] };
	}
}

type Several = Asking<'units'>;

/**
 * What divides two answers: a comma only where no digit follows it at once, since that would be a decimal; a space only
 * behind a unit, since × may be written x.
 */
const BETWEEN = /\s*(?:;|,(?!\d)|\n|=|≈|&|\s(?:and|or)\s)\s*|(?<!\sx)(?<=\p{L})\s+(?=[-−]?\d)/iu;

type Piece = { readonly text: string; readonly at: Span };

/** An answer cut into its pieces, each with its place. */
function piecesOf(typed: string): readonly Piece[] {
	const text = typed.slice(0, ANSWER_LIMIT);
	const pieces: Piece[] = [];
	let from = 0;
	for (const piece of text.split(BETWEEN)) {
		const start = text.indexOf(piece, from);
		from = start + piece.length;
		if (piece.trim() !== '') pieces.push({ text: piece, at: [start, from] });
	}
	return pieces;
}

function inUnit(exercise: Several, unit: string): UnitExercise {
	return { ...exercise, want: { unit } };
}

/** The piece for each unit: the one written with that unit, else the next of those written with another. */
function piecesFor(pieces: readonly Piece[], units: readonly Unit[]): readonly (Piece | null)[] {
	const left = [...pieces];
	const take = (at: number) => (at < 0 ? null : (left.splice(at, 1)[0] ?? null));
	const unitIn = ({ text }: Piece) => {
		const read = readAnswer(text, units);
		return read.ok ? read.value.unit : null;
	};
	const own = units.map((unit) =>
		take(
			left.findIndex((piece) => {
				const mine = unitIn(piece);
				return mine !== null && likeUnits(mine, unit) && sameSize(mine, unit);
			}),
		),
	);
	return own.map((piece) => piece ?? take(0));
}

/** The lines of one of the answers, with their places in the whole of it, and the unit named where they are not right. */
function placed(lines: AnswerLines, { at: [from] }: Piece, unit: string): AnswerLines {
	const move = (line: VerdictLine): VerdictLine => ({
		...line,
		...(line.at ? { at: [line.at[0] + from, line.at[1] + from] as const } : {}),
		...(line.verdict === 'right' || line.verdict === 'not-asked'
			? {}
			: { why: `In ${unitTextInSentence(unit)}: ${line.why}` }),
	});
	return { value: move(lines.value), figures: move(lines.figures), unit: move(lines.unit) };
}

/** Judges the same quantity in several units, in whatever order they come. */
function judgeSeveral(exercise: Several, text: string, own?: OwnLine): Outcome<Judged> {
	if (text.length > ANSWER_LIMIT)
		return {
			ok: false,
			fault: { code: 'too-large', message: `An answer here can have up to ${ANSWER_LIMIT} characters.`, in: 'answer' },
		};
	const { units } = exercise.want;
	const pieces = piecesFor(piecesOf(text), wantedUnits(units));
	const judged: Judged[] = [];
	for (const [i, unit] of units.entries()) {
		const piece = pieces[i];
		if (!piece) {
			const why = `The answer in ${unitTextInSentence(unit)} is still missing.`;
			const absent: VerdictLine = { verdict: 'absent', why, at: [text.length, text.length] };
			judged.push({ lines: { value: absent, figures: absent, unit: absent } });
			continue;
		}
		const one = judgeQuantity(inUnit(exercise, unit), piece.text, own);
		if (!one.ok) {
			const [a, b] = one.fault.at ?? [0, piece.text.length];
			return { ok: false, fault: within({ ...one.fault, in: '', at: [a + piece.at[0], b + piece.at[0]] }, 'answer') };
		}
		judged.push({ ...one.value, lines: placed(one.value.lines, piece, unit) });
	}
	const lines = judged
		.map((one) => one.lines)
		.reduce((a, b) => ({
			value: worst(a.value, b.value),
			figures: worst(a.figures, b.figures),
			unit: worst(a.unit, b.unit),
		}));
	return good({ lines, seen: judged.flatMap(({ seen = [] }) => seen) });
}

function solveSeveral(exercise: Several): Outcome<Solution> {
	const answers: string[] = [];
	let chain: Solution['chain'] = null;
	for (const unit of exercise.want.units) {
		const solved = solveQuantity(inUnit(exercise, unit));
		if (!solved.ok) return solved;
		chain ??= solved.value.chain;
		answers.push(solved.value.answer);
	}
	return answers.length ? good({ chain, answer: answers.join(' and ') }) : bad('no-key', 'No unit is wanted here.');
}

function firstUnit({ units }: Several['want']): string {
	return units[0] ?? '';
}

/** An answer that gives the same quantity in several units. */
export const severalUnits: AnswerKind<'units'> = {
	field: 'units',
	judge: judgeSeveral,
	solve: solveSeveral,
	keyText: (exercise) => {
		const key = keyOf(inUnit(exercise, firstUnit(exercise.want)));
		return key.ok ? good(rationalText(withPi(key.value.value, key.value.pi))) : key;
	},
	goal: firstUnit,
	units: ({ units }) => units,
	countedIn: (text, { units }) =>
		piecesOf(text).flatMap((piece) => {
			const read = readAnswer(piece.text, wantedUnits(units));
			return read.ok ? (read.value.unit?.counted ?? []) : [];
		}),
	line: () => 'may-lack',
	adding: 'as-the-key',
	lacks: () => null,
	says: ({ want }) => `in ${listed(want.units.map(printUnitText))}`,
	form: () => null,
	nudges: null,
	nudgesAtEnd: [
		'This is the quantity in the first unit.',
		'Convert it into each of the other units too. Then write all of them, each with its unit.',
	],
	nudgesOnForm: () => null,
	answering: ({ want }) => ({
		by: 'typing',
		label: 'Your answer in each unit',
		placeholder: `in ${want.units.join(' and in ')}`,
		example: 'For example 2.5 ft and 0.76 m, each with its unit.',
		units: want.units,
		keys: [' and '],
		quantity: false,
		reads: null,
		joins: ' and ',
		fault: emptyFault,
	}),
};
