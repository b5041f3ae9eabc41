export { LastExercise as default } from '../src/desk/last-exercise';
