import { parseUnit } from '../unit/parse-unit';
import { symbolOfPart } from '../unit/print-unit';
import type { Factor } from './chain';
import type { WorkedChain } from './work-chain';

function basesOf(text: string): readonly string[] {
	const unit = parseUnit(text, { counted: true });
	return unit.ok ? unit.value.parts.map((part) => symbolOfPart({ ...part, power: 1 })) : [];
}

/**
 * Where a factor goes on a line that adds up several parts: behind the part in which it cancels something, the last of
 * them first; by its place among the factors, from 0.
 */
export function placeIn({ pieces, read, parts }: WorkedChain, { top, bottom }: Factor): number {
	const end = read.factors.length;
	const [above, below] = [basesOf(top.unit), basesOf(bottom.unit)];
	const rows = pieces
		.filter(({ pair, side, base }) => pair === null && (side === 'top' ? below : above).includes(base))
		.map(({ row }) => row);
	const row = rows.length ? Math.max(...rows) : parts - 1;
	const begins = read.factors.flatMap(({ step }, i) => (step?.kind.begins ? [i] : []));
	return begins[row] ?? end;
}
