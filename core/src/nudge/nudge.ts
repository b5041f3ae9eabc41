import { askedBy, solutionOf } from '../answer/answer-kinds';
import { sayRounding } from '../answer/say-wanted';
import { symbolOfPiece } from '../chain/cancel';
import { type Chain, type Factor, sidesOfStart } from '../chain/chain';
import type { ReadFactor } from '../chain/read-chain';
import { type WorkedChain, workChain } from '../chain/work-chain';
import type { Exercise } from '../exercise/exercise';
import { isStated } from '../exercise/is-stated';
import type { Fact } from '../fact/fact';
import { isOfOne } from '../fact/fact-tables';
import type { FactsFrom } from '../fact/facts-holding';
import { SCALE_ROWS } from '../fact/tables';
import { route } from '../route/route';
import { routeByTies, tyingFacts } from '../route/tied-route';
import { quantityInSentence, unitInSentence, unitTextInSentence } from '../say/in-sentence';
import { unitWord } from '../say/listed';
import { figuresText } from '../say/say-figures';
import { parseUnit } from '../unit/parse-unit';
import { type Nudges, nextUnit, onSteps, standingOf } from './on-steps';

export type { Nudges } from './on-steps';

import { sayParts } from './say-parts';

/** A block whose sides are not equal: which one, and what its units are to each other. */
function onUnequal(worked: WorkedChain, facts: readonly Fact[]): Nudges | null {
	const at = worked.factors.findIndex(
		({ equal }, i) => equal === false && !isStated(worked.read.factors[i] as ReadFactor, { facts }),
	);
	const factor = worked.read.factors[at]?.written;
	if (!factor) return null;
	const way = route(factor.bottom.unit, factor.top.unit, { facts, tables: true });
	const [first] = way.ok ? way.value.factors : [];
	return [
		'One factor changes the value, because its top and bottom are not equal.',
		`It is factor ${at + 1}, ${quantityInSentence(factor.top)} over ${quantityInSentence(factor.bottom)}. Check its numbers.`,
		...(first
			? [`Compare it with this fact: ${quantityInSentence(first.bottom)} is ${quantityInSentence(first.top)}.`]
			: []),
	];
}

/** A block that puts a unit a second time on the side where it already stands. */
function onTwice(worked: WorkedChain): Nudges | null {
	const left = worked.pieces.filter(({ pair }) => pair === null);
	for (const piece of left) {
		const before = left.find(
			({ block, base, side, row }) =>
				base === piece.base && side === piece.side && row === piece.row && block < piece.block,
		);
		const helped = worked.pieces.some(({ block, pair }) => block === piece.block && pair !== null);
		if (!before || helped) continue;
		return [
			`A unit is on the ${piece.side} twice and does not cancel.`,
			`It is ${unitWord(symbolOfPiece(piece))}. One of the factors with this unit is upside down.`,
			`Factor ${piece.block + 1} cancels nothing this way up. Turn it over.`,
		];
	}
	return null;
}

function onClosed(worked: WorkedChain, exercise: Exercise): Nudges {
	const { significant, atMost } = worked;
	const to = sayRounding(exercise.rounding);
	const count = to
		? `Round the answer ${to}.`
		: significant === null || atMost === null
			? 'Everything here is exact, so nothing limits the figures.'
			: `The answer may have ${significant === atMost ? figuresText(significant) : `${significant} to ${figuresText(atMost)}`}.`;
	return [
		'The line is complete. No unit has to change any more.',
		'Multiply across the top, then across the bottom, and divide once.',
		count,
	];
}

/** The unit on the line that a next factor would cancel, with its side. */
function cancelledBy(chain: Chain, factor: Factor): { readonly unit: string; readonly side: 'top' | 'bottom' } | null {
	const next = workChain({ ...chain, factors: [...chain.factors, factor] });
	if (!next.ok) return null;
	const index = chain.factors.length;
	const pair = next.value.cancelled.find(({ from, against }) => Math.max(from, against) === index);
	return pair ? { unit: pair.unit, side: pair.from === index ? 'bottom' : 'top' } : null;
}

/** The next factor of the exercise's own key line, where the line so far is the beginning of it. */
function nextOfKey(chain: Chain, worked: WorkedChain, exercise: Exercise): Factor | undefined {
	if (!exercise.line) return undefined;
	const solved = solutionOf(exercise);
	const key = solved.ok && solved.value.chain ? workChain(solved.value.chain) : null;
	if (!key?.ok || !chain.factors.every((_, i) => sameValue(worked, key.value, i + 1))) return undefined;
	return key.value.read.factors[chain.factors.length]?.written;
}

/** The first factor of the way that is left: through a fact that ties alike units, until that one is laid. */
function nextOf(worked: WorkedChain, want: string, facts: readonly Fact[], tables: FactsFrom['allowed'] | true) {
	const ties = tyingFacts(facts);
	const laid = ties.length > 0 && worked.read.factors.some((factor) => isStated(factor, { facts: ties }));
	const goal = ties.length && !laid ? parseUnit(want, { counted: true }) : null;
	const tied = goal?.ok ? routeByTies(worked.unit, goal.value, facts) : null;
	if (tied) return tied[0];
	const left = laid ? facts.filter((fact) => !ties.includes(fact)) : facts;
	const way = route(worked.unit.text, want, { facts: left, tables: tables ?? true });
	return way.ok ? way.value.factors[0] : undefined;
}

/** The degrees of one temperature scale over those of another: no route takes them, since between readings the zero shifts. */
function betweenScales(worked: WorkedChain, want: string): Factor | undefined {
	const stands = worked.unit.text;
	for (const { left, right } of SCALE_ROWS) {
		if (left.unit === want && right.unit === stands) return { top: left, bottom: right };
		if (right.unit === want && left.unit === stands) return { top: right, bottom: left };
	}
	return undefined;
}

function onTheWay(chain: Chain, worked: WorkedChain, want: string, exercise: Exercise, from: FactsFrom): Nudges {
	const facts = [...exercise.facts, ...(from.own ?? [])];
	// What holds for one substance only is not told of its own accord: its mass is seldom that of water.
	const tables = from.allowed?.filter((name) => !isOfOne([name])) ?? true;
	const stands = unitInSentence(worked.unit);
	const differs = `The line is in ${stands}. It should end in ${unitTextInSentence(want)}.${sayParts(worked, want)}`;
	const found = nextOf(worked, want, facts, tables) ?? nextOfKey(chain, worked, exercise);
	const next = found ?? betweenScales(worked, want);
	const joins = found ? 'is' : 'for each';
	if (!next) return [differs, 'No fact leads on from here. Take one step back and look again.'];
	const gone = cancelledBy(chain, next);
	const side = gone?.side === 'top' ? 'bottom' : 'top';
	const power = next.power && next.power > 1 ? ` Raise the whole factor to the power ${next.power}.` : '';
	return [
		differs,
		...(gone ? [`Start with ${unitWord(gone.unit)}, on the ${gone.side}. Which fact has it?`] : []),
		`This fact helps: ${quantityInSentence(next.bottom)} ${joins} ${quantityInSentence(next.top)}.`,
		...(gone
			? [
					`${unitWord(gone.unit)} is on the ${gone.side}, so put it on the ${side} of the factor: ${quantityInSentence(next.top)} over ${quantityInSentence(next.bottom)}.${power}`,
				]
			: []),
	];
}

function sameValue(a: WorkedChain, b: WorkedChain, at: number): boolean {
	const [mine, theirs] = [a.running[at], b.running[at]];
	if (!mine?.value || !theirs?.value) return false;
	return mine.unit === theirs.unit && mine.value.equals(theirs.value);
}

const ON_START: Nudges = [
	'Read the question again. What does it ask about?',
	'Start from the quantity the question asks about, one that has no partner.',
	'An amount “per” or “in each” is a fact. It becomes a factor, not the start.',
];

const ON_DIFFERENCE: Nudges = [
	'For a difference of temperature you only multiply.',
	'From freezing to boiling, water goes through 100 °C, 100 K or 180 °F. How large is one degree on the other scale?',
	'A step of 1 °C is as large as 1 K or 1.8 °F. Write that as a factor.',
];

/** Nudges where the unit is right as it stands and only the number is to be written another way. */
function onWriting(exercise: Exercise): Nudges {
	const onForm = askedBy(exercise).nudgesOnForm;
	if (onForm) return onForm;
	const to = sayRounding(exercise.rounding);
	const first = 'The unit stays the same. Only the number is written another way.';
	return to
		? [
				`${first} Round it ${to}.`,
				'Mark the last figure you keep, and look at the next one. If that is 5 or more, round up.',
				'Write a 0 for each place before the point that you round away.',
			]
		: [first, 'Keep the same number of figures.'];
}

/**
 * What to tell a student who is stuck with a line, in the order it is told: never the answer, and the next
 * block only at the end.
 * @param from one's own facts, and the tables a class may use; all of them when left out.
 */
export function nudgesFor(chain: Chain, exercise: Exercise, from: FactsFrom = {}): Nudges {
	const { nudges, nudgesAtEnd, goal } = askedBy(exercise);
	if (nudges) return nudges;
	const want = goal ?? '';
	const { facts } = exercise;
	const made = workChain({ ...chain, want });
	if (!made.ok) return [];
	const worked = made.value;
	const { top } = sidesOfStart(chain.start);
	if (top.number === '' && top.unit === '') return ON_START;
	const stuck = onUnequal(worked, facts) ?? onTwice(worked) ?? onSteps(chain, worked, exercise);
	if (stuck) return stuck;
	const next = nextUnit(worked, exercise);
	if (next === null && chain.factors.length) return nudgesAtEnd ?? onClosed(worked, exercise);
	if (next === null) return onWriting(exercise);
	const way = onTheWay(chain, standingOf(worked, next), next, exercise, from);
	return exercise.difference && !exercise.line && !chain.factors.length ? ON_DIFFERENCE : way;
}
