// What desks are called. It stands apart from the schemas: a page goes by it before it checks anything.

/** Ids made on a device: 21 characters of the URL-safe alphabet. */
export const ID = /^[A-Za-z0-9_-]{8,40}$/;

/** The desks of made-up work whose links the server prints: some work, and a term's. */
export const DEMO_DESK = 'fennel-ridge-demo';

export const TERM_DESK = 'fennel-ridge-term';

/** Whether a desk is one of those of made-up work; it cannot be changed, and opening it makes a copy. */
export function isDemoDesk(desk: string): boolean {
	return desk === DEMO_DESK || desk === TERM_DESK;
}
