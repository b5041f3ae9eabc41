// What reads the text of a problem: it comes with the first problem of one's own.
export * from './read/problem/read-problem';
