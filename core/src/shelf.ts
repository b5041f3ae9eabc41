// What the parts of the Shelf need beside the rest of the core; it comes with their screens.
export * from './chain/scale-steps';
export * from './fact/turned-fact';
export * from './ladder/climb';
export * from './ladder/ladder';
export * from './mixed/divide-down';
export * from './mixed/measures';
export * from './mixed/take-apart';
export * from './numeral/explain-figures';
export * from './numeral/step-number';
export * from './quantity/scales';
export * from './route/line-between';
export * from './sense/compare-size';
export * from './sense/temperature-marks';
