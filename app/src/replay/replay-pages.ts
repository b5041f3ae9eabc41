// How a line came about, for oneself and for somebody it is shown to: they come in one script.
export { LookScreen } from './look-screen';
export { ReplayScreen } from './replay-screen';
