// What the parts of the Shelf need beside the rest of the core; it comes with their screens.
export * from './numeral/explain-figures';
