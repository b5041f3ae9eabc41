// What reads the text of a problem, in a script of its own.
export { readProblem } from '@tidy-sum/core/problem';
