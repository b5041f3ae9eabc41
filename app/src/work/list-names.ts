/** The name one's own Shelf is kept under, beside the pieces of work. */
export const SHELF = 'my-shelf';

/** The name the list of what was brought is kept under, beside the pieces of work. */
export const BROUGHT = 'brought';

/** The name the list of answers that the student thinks are right is kept under, beside the pieces of work. */
export const QUERIES = 'queries';

/** The name the list of classes is kept under, beside the pieces of work. */
export const CLASSES = 'classes';

/** The name of what is being brought, until it is worked or kept. */
export const DRAFT = 'own-draft';

/** The exercise of the guide through your first line: one factor, with a power of ten. */
export const GUIDED = 'honey-jar';
