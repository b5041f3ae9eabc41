// How much of anything is kept. They stand apart from the schemas: a page goes by them before it checks anything.

/** The longest text of a problem or of a whole sheet that is kept, in UTF-16 units. */
export const TEXT_LIMIT = 200_000;

/** The most problems of one sheet. */
export const SHEET_PROBLEMS_LIMIT = 500;

/** The most tries at one exercise that are kept. */
export const TRIES_LIMIT = 100;

/** The most steps of one piece of work: 5 000 things done, and each of them undone. */
export const STEPS_LIMIT = 10_000;

/** The most steps of a problem that are handed on with it. */
export const HANDED_STEPS_LIMIT = 2000;

/** The largest version of a piece of work, and place among the changes of a desk: both databases hold it. */
export const NUMBER_LIMIT = 2_147_483_647;

/** How many signs the name of a desk may have. */
export const DESK_NAME_LIMIT = 60;
