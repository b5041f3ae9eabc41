export * from './line-forms';
export * from './line-latex';
export * from './line-text';
