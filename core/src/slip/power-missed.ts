import { ONE, rational, toPower } from '../numeral/rational';
import { isEqual, worthOf } from './evidence';
import type { SlipKind, Suspect } from './slip-kind';

function plainUnit(unit: string): string {
	return unit.replace(/^(?:square|cubic) |\^?[23²³]$/gu, '');
}

const TIMES = ['not at all', 'once', 'twice', 'three times'];

function timesText(count: number): string {
	return TIMES[count] ?? `${count} times`;
}

/** How often a block of an area or a volume was taken, against how often it should be. */
function takenFewer(power: number, taken: number): string {
	const what = power === 2 ? 'An area' : power === 3 ? 'A volume' : 'This power';
	return `${what} needs the factor ${timesText(power)}. You used it ${timesText(taken)}.`;
}

/** An area or a volume converted with the plain factor. */
export const powerMissed: SlipKind = {
	code: 'power-missed',
	title: 'The factor not squared or cubed',
	nudge: 'Draw one of the larger unit. How many smaller ones fit along an edge, and how many fill it?',
	common: true,
	laid: true,
	wholeBlock: true,
	mend: (factor) => [2, 3].map((power) => [{ ...factor, power: (factor.power ?? 1) * power }]),
	suspects: ({ factors, truth }) =>
		factors.flatMap((factor, i): Suspect[] => {
			const plain = factor.power > 1 ? worthOf({ ...factor, power: 1 }) : null;
			if (!plain || plain.sign === 0) return [];
			const times = rational(BigInt(factor.power));
			return [
				...Array.from({ length: factor.power - 1 }, (_, k) => ({
					value: truth.div(toPower(plain, k + 1)),
					factor: i,
					why: takenFewer(factor.power, factor.power - k - 1),
				})),
				...[times, ONE.div(times)].map((by) => ({
					value: truth.div(toPower(plain, factor.power - 1)).mul(by),
					factor: i,
					why: `Multiply the factor by itself, not by ${factor.power}.`,
				})),
			];
		}),
	mixes: true,
	// 1 m² = 100 cm² has the number of the plain units, not its square.
	unequal: {
		order: 1,
		by: ({ written }) => {
			const [above, below] = [plainUnit(written.top.unit), plainUnit(written.bottom.unit)];
			const raised = above !== written.top.unit && below !== written.bottom.unit;
			return raised && isEqual({ top: { ...written.top, unit: above }, bottom: { ...written.bottom, unit: below } });
		},
	},
};
