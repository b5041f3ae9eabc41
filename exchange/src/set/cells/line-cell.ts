import type { Chain, Fact, Factor } from '@tidy-sum/core';
import { readFactText } from '@tidy-sum/core/help';
import { CellFault, ITEMS, items } from './cell';
import { exactFlag, exactOf, numberFlag, withoutFlags } from './cell-flags';
import { quantityCell, readQuantityCell, readStartCell, startCell } from './quantity-cell';

/** Facts of a cell: "12 jar = 1 crate; 1 bale = 9.5 kg (measured)". */
export function readFactsCell(text: string): Fact[] {
	return items(text).map((item) => {
		const { rest, flags } = withoutFlags(item);
		const sides = rest.split(/\s=\s/u);
		if (sides.length === 2) {
			const [left = '', right = ''] = sides;
			return { left: readQuantityCell(left), right: readQuantityCell(right), ...exactOf(flags) };
		}
		const read = readFactText(rest);
		if (!read.ok) throw new CellFault(read.fault.message);
		return { ...read.value, ...exactOf(flags) };
	});
}

/** The same written. */
export function factsCell(facts: readonly Fact[]): string {
	return facts
		.map(({ left, right, exact }) => `${quantityCell(left)} = ${quantityCell(right)}${exactFlag(exact)}`)
		.join(ITEMS);
}

/** Factors of a line: "60 min / 1 h; 1 ft / 12 in (power 2)". */
export function readLineCell(text: string): Factor[] {
	return items(text).map((item) => {
		const { rest, flags } = withoutFlags(item);
		const [top = '', bottom, ...more] = rest.split(/\s+(?:\/|over)\s+/u);
		if (bottom === undefined || more.length)
			throw new CellFault(`“${rest}” is no factor: one quantity, a stroke with spaces round it, and another`);
		const aside = flags.get('aside');
		const from = flags.get('from');
		return {
			top: readQuantityCell(top),
			bottom: readQuantityCell(bottom),
			...exactOf(flags),
			...(flags.has('given') ? { given: true } : flags.has('stated') ? { given: false } : {}),
			...numberFlag(flags, 'power'),
			...numberFlag(flags, 'figures'),
			...(flags.has('then') ? { shift: flags.get('then') as string } : {}),
			...(aside === undefined
				? {}
				: { aside: { ...readQuantityCell(aside), ...(from === undefined ? {} : { from }) } }),
			...(flags.has('plus') ? { term: readQuantityCell(flags.get('plus') as string) } : {}),
		};
	});
}

/** The same written. */
export function lineCell(line: readonly Factor[]): string {
	return line
		.map(({ top, bottom, exact, given, power, figures, shift, aside, term }) =>
			[
				`${quantityCell(top)} / ${quantityCell(bottom)}`,
				exactFlag(exact),
				given === undefined ? '' : given ? ' (given)' : ' (stated)',
				power === undefined ? '' : ` (power ${power})`,
				figures === undefined ? '' : ` (figures ${figures})`,
				shift === undefined ? '' : ` (then ${shift})`,
				aside === undefined ? '' : ` (aside ${quantityCell(aside)})`,
				aside?.from === undefined ? '' : ` (from ${aside.from})`,
				term === undefined ? '' : ` (plus ${quantityCell(term)})`,
			].join(''),
		)
		.join(ITEMS);
}

/** A whole line: "2.5 h (exact) × 60 min / 1 h → min"; what is said of its start stands behind that. */
export function readChainCell(text: string): Chain {
	const [line = '', want] = text.split(/\s*→\s*/u);
	const [first = '', ...factors] = line.split(/\s+×\s+/u);
	const { rest, flags } = withoutFlags(first);
	const { start } = readStartCell(rest);
	if (!start) throw new CellFault('its line has no start');
	const { figures } = numberFlag(flags, 'figures');
	return {
		start,
		...(flags.has('exact') ? { exactStart: true } : {}),
		...(figures === undefined ? {} : { startFigures: figures }),
		factors: factors.flatMap(readLineCell),
		...(want === undefined ? {} : { want }),
	};
}

/** The same written. */
export function chainCell({ start, exactStart, startFigures, factors, want }: Chain): string {
	const first = `${startCell(start)}${exactFlag(exactStart)}${startFigures === undefined ? '' : ` (figures ${startFigures})`}`;
	const line = [first, ...factors.map((factor) => lineCell([factor]))].join(' × ');
	return want === undefined ? line : `${line} → ${want}`;
}
