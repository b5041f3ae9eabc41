// Panels that are not needed for a line's first touches: they come in one script of their own.
export { Numbers } from '../numbers';
export { AnswerPanel } from './answer-panel';
export { BesidePanel } from './beside-panel';
export { BlockWriting } from './block-writing';
export { BookPanel } from './book-panel';
export { CalculatorPanel } from './calculator-panel';
export { KeysPanel } from './keys-panel';
export { MorePanel } from './more-panel';
export { NudgePanel } from './nudge-panel';
export { OwnPanel } from './own-panel';
export { PlacesPanel } from './places-panel';
export { StartPanel } from './start-panel';
export { StepWriting } from './step-writing';
export { TakePanel } from './take-panel';
export { VerdictPanel } from './verdict-panel';
export { Zeros } from './zeros';
