// What helps beside the line, and is not needed for its first touches: it comes with the panels that show it.
export * from './chain/calculate';
export * from './chain/compare-lines';
export * from './chain/keys';
export * from './chain/taken-on';
export * from './nudge/nudge';
export * from './say/print-line';
