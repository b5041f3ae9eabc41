import type { UnitWant, Want, WantField } from '../exercise/exercise';
import type { Fault } from '../numeral/fault';
import { parseNumeral } from '../numeral/parse-numeral';
import { readWanted } from '../read/read-starting';
import { parseUnit } from '../unit/parse-unit';

/** The form a number is asked for in; null where any will do. */
export type WantForm = NonNullable<UnitWant['form']> | null;

/** A way to pose what is wanted: one text that is typed, for one kind of answer or for several. */
export type WantPosed = {
	readonly name: 'quantity' | 'factor' | 'figures';
	/** The kinds of answer it poses, by their fields of `want`. */
	readonly fields: readonly WantField[];
	/** What it is called in a choice, and what its field is. */
	readonly says: string;
	readonly label: string;
	readonly placeholder: string;
	/** Whether the problem has a start, facts and a rounding beside it. */
	readonly hasLine: boolean;
	/** What is wanted by what is typed; what cannot be read yet stands as it is typed. */
	readonly read: (text: string, form: WantForm) => Want;
	readonly fault: (text: string) => Fault | null;
	/** The same as it is typed again. */
	readonly written: (want: Want) => string;
};

function faultOf(read: { readonly ok: true } | { readonly ok: false; readonly fault: Fault }): Fault | null {
	return read.ok ? null : read.fault;
}

const QUANTITY: WantPosed = {
	name: 'quantity',
	fields: ['unit', 'mixed'],
	says: 'a quantity',
	label: 'Wanted, a unit, or units of a measure in parts',
	placeholder: 'mm/min, or ft and in',
	hasLine: true,
	read: (text, form) => {
		const read = readWanted(text);
		const parts = read.ok ? read.value.parts : [];
		return parts.length ? { mixed: parts } : { unit: text, ...(form ? { form } : {}) };
	},
	fault: (text) => faultOf(readWanted(text)),
	written: (want) => ('mixed' in want ? want.mixed.join(' and ') : 'unit' in want ? want.unit : ''),
};

/** The ways to pose what is wanted, in the order they are offered. */
export const WANTS_POSED: readonly WantPosed[] = [
	QUANTITY,
	{
		name: 'factor',
		fields: ['factor'],
		says: 'one factor only',
		label: 'The unit the factor is to lead to',
		placeholder: 'kJ',
		hasLine: true,
		read: (text) => ({ factor: text }),
		fault: (text) => faultOf(parseUnit(text, { counted: true })),
		written: (want) => ('factor' in want ? want.factor : ''),
	},
	{
		name: 'figures',
		fields: ['figures'],
		says: 'how many figures',
		label: 'The number whose figures are counted',
		placeholder: '0.00450',
		hasLine: false,
		read: (text) => ({ figures: text }),
		fault: (text) => faultOf(parseNumeral(text)),
		written: (want) => ('figures' in want ? want.figures : ''),
	},
];

/** The way something that is wanted is posed; a quantity, where nothing is said yet. */
export function posedBy(want: Want | null): WantPosed {
	return (want && WANTS_POSED.find(({ fields }) => fields.some((field) => field in want))) ?? QUANTITY;
}

/**
 * What is wanted, as it is typed; '' where nothing is said.
 * @example wantText({ mixed: ['ft', 'in'] }) // 'ft and in'
 */
export function wantText(want: Want | null): string {
	return want ? posedBy(want).written(want) : '';
}

/** What is wanted, with its number asked for in a form; of what is no number in a unit, no form is asked. */
export function wantInForm(want: Want, form: WantForm): Want {
	return 'unit' in want && form ? { ...want, form } : want;
}

/** The form its number is asked for in; null where any will do. */
export function formOf(want: Want | null): WantForm {
	return (want && 'unit' in want ? want.form : null) ?? null;
}
