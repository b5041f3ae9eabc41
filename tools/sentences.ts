import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { sentencesPage } from '../core/test/sentences-listed';
import { wordsPage } from './writing/catalogue.mjs';

/** Writes the page of all that people read: what the core says, with examples, and the words of every room. */
writeFileSync(join(__dirname, '..', 'docs', 'sentences.md'), `${sentencesPage()}\n${wordsPage()}`);
