// What brings problems in: it comes in a script of its own.
export { BringScreen } from './bring-screen';
export { SheetScreen } from './sheet-screen';
