import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { ROOT } from '../lib/run.mjs';
import { catalogue, filesBelow, sentencesOf } from './catalogue.mjs';

const CODE = ['app/src', 'core/src', 'server/src', 'cli/src', 'exchange/src', 'schema/src'];

/** The comments of a file, each with its place. */
function commentsOf(file) {
	const text = readFileSync(join(ROOT, file), 'utf8');
	return [...text.matchAll(/\/\*\*([\s\S]*?)\*\/|(?<=^\s*)\/\/ (.*)/gm)].map((found) => {
		const line = text.slice(0, found.index).split('\n').length;
		return `${file}:${line}: ${(found[1] ?? found[2]).replace(/\s*\n\s*\*\s?/g, ' ').trim()}`;
	});
}

/**
 * Sentences of the app and comments of the code, drawn from a seed, for a person to read.
 * @returns `{ sentences, comments }`, as many of each as asked.
 */
export function sample(seed, count) {
	const random = xoroshiro128plus(seed);
	const drawn = (all) => {
		const left = [...all];
		const next = () => left.splice(uniformInt(random, 0, left.length - 1), 1)[0];
		return Array.from({ length: Math.min(count, left.length) }, next);
	};
	const sentences = catalogue().flatMap(({ room, texts }) =>
		texts.flatMap(sentencesOf).map((sentence) => `${room}: ${sentence}`),
	);
	return { sentences: drawn(sentences), comments: drawn(filesBelow(CODE).flatMap(commentsOf)) };
}
