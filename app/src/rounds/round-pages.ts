// The screens of the Rounds come with the words of all skills, in a script of their own.
export { RoundScreen } from './round-screen';
export { RoundsScreen } from './rounds-screen';
