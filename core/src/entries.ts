// What takes answers apart for other programs: it comes with the forms that need it.
export * from './answer/entries/entries';
export * from './answer/entries/entry';
