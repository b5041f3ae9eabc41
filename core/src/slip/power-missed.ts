import { ONE, rational, toPower } from '../numeral/rational';
import { isEqual, worthOf } from './evidence';
import type { SlipKind, Suspect } from './slip-kind';

function plainUnit(unit: string): string {
	return unit.replace(/^(?:square|cubic) |\^?[23²³]$/gu, '');
}

/** An area or a volume converted with the plain factor. */
export const powerMissed: SlipKind = {
	code: 'power-missed',
	title: 'The plain factor for an area or a volume',
	nudge: 'Draw one square metre: how many centimetres along, and how many rows of them?',
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
					why: 'An area takes the factor twice and a volume three times; here it was taken fewer times.',
				})),
				...[times, ONE.div(times)].map((by) => ({
					value: truth.div(toPower(plain, factor.power - 1)).mul(by),
					factor: i,
					why: `The factor is multiplied by itself, not by ${factor.power}: a power is no product with its own number.`,
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
