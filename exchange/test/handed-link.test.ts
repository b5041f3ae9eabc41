import type { Handed } from '@tidy-sum/schema/handed';
import { handedLink, handedText, readHandedLink, readHandedText } from '../src/handed-link';

const HANDED: Handed = {
	tidySum: 1,
	title: 'Snow and honey – März',
	problems: [
		{ label: '1', text: 'Convert 127 cm of snow to ft.' },
		{ label: null, text: 'How many mL are 0.35 L of nectar? 10⁻³ ✓' },
	],
};

describe('problems that are handed on', () => {
	it('come out of a link and of a file as they went in', () => {
		expect(readHandedLink(handedLink(HANDED))).toEqual({ ok: true, value: HANDED });
		expect(readHandedText(handedText(HANDED))).toEqual({ ok: true, value: HANDED });
	});

	it('make a link of letters that every address takes, shorter than the text of a sheet', () => {
		const problems = Array.from({ length: 40 }, (_, i) => ({ label: `${i + 1}`, text: `Convert ${i}.5 km to miles.` }));
		const link = handedLink({ ...HANDED, problems });
		expect(link).toMatch(/^[A-Za-z0-9_-]+$/);
		expect(link.length).toBeLessThan(handedText({ ...HANDED, problems }).length / 3);
	});

	it.each([
		['a link that was cut', handedLink(HANDED).slice(0, 40), readHandedLink],
		['no link of ours', 'aGVsbG8', readHandedLink],
		['letters that are none', '§§§', readHandedLink],
		['a text that is no JSON', '1. Convert 3 km to m.', readHandedText],
		['another JSON', '{"title":"x"}', readHandedText],
		['no problems at all', JSON.stringify({ ...HANDED, problems: [] }), readHandedText],
	])('are told not to be there: %s', (_, text, read) => {
		expect(read(text)).toMatchObject({ ok: false, fault: { code: 'not-handed' } });
	});
});
