import { check } from './check';
import type { PeopleCommand } from './command';
import { convert } from './convert';
import { read } from './read';

/** The commands for people, in the order their help lists them. To add one is to add its file and a row. */
export const COMMANDS: readonly PeopleCommand[] = [convert, check, read];
