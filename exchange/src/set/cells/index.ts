// How what is said of an exercise is written in one cell of a table, and read from it.
export { CellFault } from './cell';
export * from './goes-by-cell';
export * from './line-cell';
export * from './marks-cell';
export * from './quantity-cell';
export * from './rounding-cell';
export * from './want-cell';
