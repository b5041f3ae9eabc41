import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { array, assert, constantFrom, property } from 'fast-check';
import { readProblem } from '../src/problem';

/** The texts of our own that were put aside before the reader was built on them. */
const TEXTS: readonly string[] = readFileSync(join(__dirname, '../../cli/vectors/read-own.jsonl'), 'utf8')
	.trim()
	.split('\n')
	.map((line) => JSON.parse(line).ask.text)
	// A text that is only a heading and a value is read by its punctuation.
	.filter((text) => /\p{L}{3,}.*\p{L}{3,}.*\p{L}{3,}/su.test(text));

/** What a reading says, without the places in its text. */
function said(text: string): unknown {
	const { start, want, facts, terms, until } = readProblem(text);
	return { start, want, facts, terms, until };
}

/** A text as it is copied from a narrow page. */
function wrapped(text: string, width: number): string {
	let from = 0;
	return text.replace(/ /g, (space, at: number) => {
		if (at - from < width) return space;
		from = at;
		return '\n';
	});
}

describe('a reading stays what it is', () => {
	it('when the text loses its capital, or is wrapped as on a page', () => {
		assert(
			property(constantFrom(...TEXTS), constantFrom(40, 50, 60, 72), (text, width) => {
				expect(said(`${text.charAt(0).toLowerCase()}${text.slice(1)}`)).toEqual(said(text));
				expect(said(wrapped(text, width))).toEqual(said(text));
			}),
			{ numRuns: 120 },
		);
	});

	it('when a sentence that does not belong to it comes before or behind', () => {
		const others = [
			'The class had to wait.',
			'It was a cloudy day.',
			'The shed was built in 1987.',
			'Nobody was there.',
		];
		const whole = TEXTS.filter((text) => /^\p{Lu}\p{Ll}+\s.*[.?)]$/su.test(text));
		assert(
			property(constantFrom(...whole), constantFrom(...others), (text, other) => {
				expect(said(`${other} ${text}`)).toEqual(said(text));
				expect(said(`${text} ${other}`)).toEqual(said(text));
			}),
			{ numRuns: 120 },
		);
	});

	it('when a thing has a name that nobody knows', () => {
		const noun = array(constantFrom('blo', 'dra', 'ki', 'mo', 'pe', 'tu', 'vi', 'zo'), {
			minLength: 2,
			maxLength: 3,
		}).map((parts) => `${parts.join('')}t`);
		const texts: readonly [(noun: string) => string, string][] = [
			[(one) => `One ${one} weighs 3.2 g. How many grams are 15 ${one}s?`, 'g'],
			[(one) => `A ${one} is 12.4 m long. Express this in feet, given that 1 ft = 0.3048 m.`, 'feet'],
			[(one) => `Butter comes in ${one}s of 113 g. How many ${one}s make 680 g?`, 'one'],
			[(one) => `A box holds 24 ${one}s. How many ${one}s are in 7 boxes?`, 'one'],
			[(one) => `What is the mass in kilograms of the oil in the ${one}, if it is 4200 g?`, 'kilograms'],
			[(one) => `A ${one} turns 14 times a minute. How many minutes does it need for 350 times?`, 'minutes'],
		];
		assert(
			property(noun, constantFrom(...texts), (one, [text, want]) => {
				const read = readProblem(text(one));
				expect(read.start).not.toBeNull();
				expect(read.want).toEqual({ unit: want === 'one' ? one : want === 'g' ? 'grams' : want });
			}),
			{ numRuns: 100 },
		);
	});
});
