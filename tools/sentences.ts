import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { sentencesPage } from '../core/test/sentences-listed';

/** Writes the page of all that the check, its readers and the nudges say. */
writeFileSync(join(__dirname, '..', 'docs', 'sentences.md'), sentencesPage());
