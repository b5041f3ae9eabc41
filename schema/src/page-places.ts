/**
 * The places in a page drawn ahead that are filled for each address: on the server, which makes the exercise, and in the
 * same way on the device that takes the page over. Where nothing is known of an address they stand empty.
 */
export const PAGE_PLACES = {
	title: '{{title}}',
	aside: '{{aside}}',
	prompt: '{{prompt}}',
	wanted: '{{wanted}}',
} as const;

/** What stands in the places of a page. */
export type PageTexts = { readonly [P in keyof typeof PAGE_PLACES]: string };

/** What stands in them where nothing is known; a text that is empty would have no place of its own in the page. */
export const NO_TEXTS: PageTexts = { title: 'One moment', aside: ' ', prompt: ' ', wanted: ' ' };

/** The id of the element of a page that holds what came with it, as JSON. */
export const WITH_PAGE = 'with-page';
