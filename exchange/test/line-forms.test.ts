import { asideStep, type Factor, termStep, workChain } from '@tidy-sum/core';
import { XMLParser } from 'fast-xml-parser';
import { LINE_FORMS, lineLatex, lineMathml, lineText } from '../src';

const q = (text: string) => ({ number: text.split(' ')[0] as string, unit: text.split(' ')[1] ?? '' });
const over = (top: string, bottom: string, more: Partial<Factor> = {}): Factor => ({
	top: q(top),
	bottom: q(bottom),
	...more,
});

function worked(start: string, ...factors: Factor[]) {
	const made = workChain({ start: q(start), factors });
	if (!made.ok) throw new Error(made.fault.message);
	return made.value;
}

describe('a line to hand in', () => {
	const factors = [over('12 in', '1 ft', { power: 3 }), over('1 mL', '0.061 in^3')];
	const chain = { start: q('3.20 ft^3'), factors };

	it('is text that reads in any message', () => {
		expect(lineText(chain, worked('3.20 ft^3', ...factors))).toBe(
			'3.20 ft³ × (12 in / 1 ft)³ × (1 mL / 0.061 in³) = 90649.18032… mL',
		);
	});

	it('is LaTeX with true fractions and struck units', () => {
		expect(lineLatex(chain, worked('3.20 ft^3', ...factors))).toBe(
			'3.20~\\cancel{\\mathrm{ft}^{3}} \\times \\left(\\frac{12~\\cancel{\\mathrm{in}}}{1~\\cancel{\\mathrm{ft}}}\\right)^{3} \\times \\frac{1~\\mathrm{mL}}{0.061~\\cancel{\\mathrm{in}^{3}}} = 90649.18032\\ldots~\\mathrm{mL}',
		);
	});

	it('brackets what came before a factor once something was added', () => {
		const shifted = [over('1', '1', { shift: '-32' }), over('5 °C', '9 °F')];
		expect(lineText({ start: q('77 °F'), factors: shifted }, worked('77 °F', ...shifted))).toBe(
			'(77 °F − 32) × (5 °C / 9 °F) = 25 °C',
		);
	});

	it('sets whole ones aside, and comes to all the parts', () => {
		const steps = [asideStep(q('8 ft')), over('12 in', '1 ft')];
		const line = { start: q('8.75 ft'), factors: steps };
		expect(lineText(line, worked('8.75 ft', ...steps))).toBe('(8.75 ft − 8 ft) × (12 in / 1 ft) = 8 ft 9 in');
		expect(lineLatex(line, worked('8.75 ft', ...steps))).toBe(
			'\\left(8.75~\\cancel{\\mathrm{ft}} - 8~\\mathrm{ft}\\right) \\times \\frac{12~\\mathrm{in}}{1~\\cancel{\\mathrm{ft}}} = 8~\\mathrm{ft}~9~\\mathrm{in}',
		);
		expect(lineMathml({ chain: line, worked: worked('8.75 ft', ...steps) })).toContain('<mo>−</mo><mn>8</mn>');
	});

	it('adds the parts of a sum, each with its own fractions', () => {
		const steps = [over('1 ft', '12 in'), termStep(q('7 ft'))];
		const line = { start: q('5.4 in'), factors: steps };
		expect(lineText(line, worked('5.4 in', ...steps))).toBe('5.4 in × (1 ft / 12 in) + 7 ft = 7.45 ft');
		expect(lineLatex(line, worked('5.4 in', ...steps))).toBe(
			'5.4~\\cancel{\\mathrm{in}} \\times \\frac{1~\\mathrm{ft}}{12~\\cancel{\\mathrm{in}}} + 7~\\mathrm{ft} = 7.45~\\mathrm{ft}',
		);
	});

	it('keeps a unit of two words whole, in LaTeX as in text', () => {
		const oz = [{ top: { number: '128', unit: 'fl oz' }, bottom: { number: '1', unit: 'gal' } }];
		const made = workChain({ start: q('0.097 gal'), factors: oz });
		if (!made.ok) throw new Error(made.fault.message);
		const latex = lineLatex({ start: q('0.097 gal'), factors: oz }, made.value);
		expect(latex).toMatch(/= 12\.416~\\mathrm\{fl\}~\\mathrm\{oz\}$/);
	});

	it('comes in each form with a name of its own, the words round it where there is room', () => {
		const made = worked('3.20 ft^3', ...factors);
		const paper = { title: 'A trough', prompt: 'How much?', wanted: 'mL', answer: '9.1e4 mL', chain, worked: made };
		const forms = new Map(LINE_FORMS.map(({ name, make }) => [name, make(paper)]));
		expect([...forms.keys()]).toEqual(['text', 'latex', 'mathml']);
		expect(forms.get('text')).toBe(
			'A trough\nHow much?\nWanted: mL\n3.20 ft³ × (12 in / 1 ft)³ × (1 mL / 0.061 in³) = 90649.18032… mL\nAnswer: 9.1e4 mL',
		);
		expect(forms.get('latex')).toBe(lineLatex(chain, made));
		expect(forms.get('mathml')).toMatch(/^<math.*display="block"[\s\S]*<mfrac>/);
		expect(lineMathml(paper).match(/<math/g)).toHaveLength(4);
	});

	it('is one MathML file that other programs open, also for several lines', () => {
		const made = worked('3.20 ft^3', ...factors);
		const paper = { title: '', prompt: '', wanted: '', answer: '', chain, worked: made };
		const mathml = LINE_FORMS.find(({ name }) => name === 'mathml');
		const files = [
			mathml?.make(paper) ?? '',
			mathml?.together(
				'',
				[
					{ label: '1', paper },
					{ label: '2 (b)', paper },
				],
				'',
			) ?? '',
		];
		for (const file of files) {
			const roots = new XMLParser({ ignoreAttributes: false }).parse(file);
			expect(Object.keys(roots)).toEqual(['math']);
			expect(roots.math['@_xmlns']).toBe('http://www.w3.org/1998/Math/MathML');
		}
		expect(files[1]).toContain('(b)');
	});
});
