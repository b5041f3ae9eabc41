import { readProblem } from '@tidy-sum/core/problem';
import { setReader } from '../src/work/own-reader';

// What reads a problem comes in a script of its own; in tests it is there at once.
setReader(readProblem);
