/** The router would list its routes here; for a student there is nothing at this address. */
export { default } from './+not-found';
