import { symbolOfPiece } from '../chain/cancel';
import type { Chain, Factor } from '../chain/chain';
import type { ReadFactor } from '../chain/read-chain';
import { type WorkedChain, workChain } from '../chain/work-chain';
import { figuresText } from '../check/judge-figures';
import { isStated } from '../check/judge-line';
import type { Fact } from '../fact/fact';
import type { Quantity } from '../quantity/quantity';
import { route } from '../route/route';
import { quoted } from '../say/listed';
import { printUnitText, printWritten } from '../say/say';
import { sayParts } from './say-parts';

/** What a student who is stuck is told, one step after another: where to look first, the very block last. */
export type Nudges = readonly string[];

function shown({ number, unit }: Quantity): string {
	return `${printWritten(number)} ${printUnitText(unit)}`.trim();
}

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
		'One block changes the value: its top and its bottom are not equal.',
		`It is block ${at + 1}, ${shown(factor.top)} over ${shown(factor.bottom)}. Look at its numbers.`,
		...(first ? [`A fact to hold it against: ${shown(first.bottom)} is ${shown(first.top)}.`] : []),
	];
}

/** A block that puts a unit a second time on the side where it already stands. */
function onTwice(worked: WorkedChain): Nudges | null {
	const left = worked.pieces.filter(({ pair }) => pair === null);
	for (const piece of left) {
		const before = left.find(
			({ block, base, side }) => base === piece.base && side === piece.side && block < piece.block,
		);
		const helped = worked.pieces.some(({ block, pair }) => block === piece.block && pair !== null);
		if (!before || helped) continue;
		return [
			`A unit stands twice on the ${piece.side} instead of cancelling.`,
			`It is ${quoted(symbolOfPiece(piece))}. Of the blocks that hold it, one is upside down.`,
			`Block ${piece.block + 1} cancels nothing as it stands. Turn it over.`,
		];
	}
	return null;
}

function onClosed(worked: WorkedChain): Nudges {
	const { significant, atMost } = worked;
	const count =
		significant === null || atMost === null
			? 'Everything here is exact, so nothing limits the figures.'
			: `The answer may have ${significant === atMost ? figuresText(significant) : `${significant} to ${figuresText(atMost)}`}.`;
	return [
		'The line closes: no unit must change any more.',
		'Work the numbers across the top, then across the bottom, and divide once.',
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

function onTheWay(chain: Chain, worked: WorkedChain, want: string, facts: readonly Fact[]): Nudges {
	const stands = worked.unit.text || 'a plain number';
	const differs = `What stands is ${stands}; wanted is ${printUnitText(want) || 'a plain number'}.${sayParts(worked, want)}`;
	const way = route(worked.unit.text, want, { facts, tables: true });
	const [next] = way.ok ? way.value.factors : [];
	if (!next)
		return [differs, 'No fact of the tables or of the problem leads on from here. Take a step back and look again.'];
	const gone = cancelledBy(chain, next);
	const side = gone?.side === 'top' ? 'bottom' : 'top';
	const power = next.power && next.power > 1 ? ` Raise the whole block to the power ${next.power}.` : '';
	return [
		differs,
		...(gone ? [`Go for ${quoted(gone.unit)}, on the ${gone.side}: which fact holds it?`] : []),
		`A fact that leads on: ${shown(next.bottom)} is ${shown(next.top)}.`,
		...(gone
			? [
					`${quoted(gone.unit)} stands on the ${gone.side}, so in the block it goes on the ${side}: ${shown(next.top)} over ${shown(next.bottom)}.${power}`,
				]
			: []),
	];
}

/**
 * What to tell a student who is stuck with a line, in the order it is told: never the answer, and the next
 * block only at the end.
 * @param facts what the problem states; the built-in tables are looked in too.
 */
export function nudgesFor(chain: Chain, want: string, facts: readonly Fact[] = []): Nudges {
	const made = workChain({ ...chain, want });
	if (!made.ok) return [];
	const worked = made.value;
	const broken = onUnequal(worked, facts) ?? onTwice(worked);
	if (broken) return broken;
	return worked.reached ? onClosed(worked) : onTheWay(chain, worked, want, facts);
}
