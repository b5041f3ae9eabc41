/** A form a set can be taken in, as far as it is named: what writes it comes with the form itself. */
export type FormRow = {
	/** What it is called, and what it is good for, in a few words. */
	readonly label: string;
	readonly says: string;
	readonly extension: string;
	readonly type: string;
};

/** The forms of a set by their names, in the order they are offered. To add one is to add a row, and what writes it. */
export const FORM_ROWS = {
	html: {
		label: 'Work sheet to print',
		says: 'with space to work, and the answers on a separate page',
		extension: 'html',
		type: 'text/html',
	},
	csv: { label: 'CSV', says: 'one row for each exercise, for a spreadsheet', extension: 'csv', type: 'text/csv' },
	qti: { label: 'QTI 3.0', says: 'a package for learning platforms', extension: 'zip', type: 'application/zip' },
	json: { label: 'JSON', says: 'everything, for other programs', extension: 'json', type: 'application/json' },
} as const satisfies Readonly<Record<string, FormRow>>;

export type FormName = keyof typeof FORM_ROWS;

/** The names of the forms. */
export const FORM_NAMES = Object.keys(FORM_ROWS) as readonly FormName[];

/** The name of a file for a set, from its title. */
export function fileName(title: string, extension: string): string {
	const plain = title
		.toLowerCase()
		.replace(/[^a-z0-9]+/g, '-')
		.replace(/^-+|-+$/g, '')
		.slice(0, 60);
	return `${plain || 'set'}.${extension}`;
}
