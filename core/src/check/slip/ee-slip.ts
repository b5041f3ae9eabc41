import { rational } from '../../numeral/rational';
import { numbersOf, replaced } from './scene';
import type { SlipKind } from './slip-kind';

/** Keyed 10 EE -2 for 10^-2: ten times too large. */
export const eeSlip: SlipKind = {
	code: 'ee-slip',
	title: '10 EE keyed for a power of ten',
	nudge: 'EE means “times ten to the”, so 10⁻² is keyed 1 EE −2.',
	suspects: (scene) =>
		numbersOf(scene)
			.filter(({ number }) => number.form.kind === 'power')
			.map((standing) => ({
				value: replaced(scene.truth, standing, standing.number.value.mul(rational(10n))),
				factor: standing.index,
				why: 'That is what comes when 10 EE is keyed for a power of ten; it is 1 EE.',
			})),
	mixes: true,
};
