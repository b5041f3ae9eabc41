import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { setJsonSchema } from '../schema/src/set-schema';

/** Where the shape of a set is published: with the app, which serves it, so that other programs find it. */
export const SCHEMA_FILE = join(__dirname, '..', 'app', 'public', 'set.schema.json');

/** The shape of a set as it is published. */
export function schemaText(): string {
	return `${JSON.stringify(setJsonSchema(), null, '\t')}\n`;
}

if (require.main === module) writeFileSync(SCHEMA_FILE, schemaText());
