import type { UnitWant } from '../../exercise/exercise';
import type { Numeral } from '../../numeral/numeral';

/** A form a number may be asked for in. */
export type FormAsked = {
	/** What it is called: “the answer is asked for in …”. */
	readonly name: string;
	/** How it is asked for: “wanted: mm, …”. */
	readonly says: string;
	readonly is: (number: Numeral) => boolean;
	/** What helps to write a number so, one step after another. */
	readonly nudges: readonly string[];
};

const STAYS = 'The unit stays the same. Only the number is written another way.';

/** The forms that can be asked for. A form is one row. */
export const FORMS_ASKED: { readonly [F in NonNullable<UnitWant['form']>]: FormAsked } = {
	scientific: {
		name: 'scientific form',
		says: 'in scientific form',
		is: ({ form }) =>
			(form.kind === 'decimal' && form.exponent !== null && /^[1-9](\.|$)/.test(form.digits)) || form.kind === 'power',
		nudges: [
			STAYS,
			'Write one figure that is not 0, then the point, then the other figures.',
			'Count how many places the point moved. To the left the power is positive, to the right negative.',
		],
	},
	plain: {
		name: 'plain form',
		says: 'in plain form',
		is: ({ form }) => form.kind === 'decimal' && form.exponent === null,
		nudges: [
			STAYS,
			'A negative power moves the point to the left, a positive one to the right.',
			'Keep the same number of figures.',
		],
	},
	fraction: {
		name: 'a fraction',
		says: 'as a fraction',
		is: ({ form, value }) =>
			form.kind === 'fraction' || (form.kind === 'decimal' && value.d === 1n && form.exponent === null),
		nudges: [],
	},
};
