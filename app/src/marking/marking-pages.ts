// What marks the answers of a class: it comes in a script of its own.
export { MarkingScreen } from './marking-screen';
