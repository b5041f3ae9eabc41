import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { apiPage, openApi } from './open-api';

/** Writes the description of the API: docs/api.md and docs/openapi.json. */
const docs = join(__dirname, '..', 'docs');
writeFileSync(join(docs, 'api.md'), apiPage());
writeFileSync(join(docs, 'openapi.json'), `${JSON.stringify(openApi())}\n`);
