// What is for a class: it comes in a script of its own.
export { ClassScreen } from './class-screen';
export { ClassesScreen } from './classes-screen';
