import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { DecimalContext } from '../src/ui/decimal';
import { PadField } from '../src/ui/pad-field';
import { Words } from '../src/ui/words';
import { pageSays, pressNamed } from './found';

function Typed({ mark }: { readonly mark: 'point' | 'comma' }) {
	const [text, setText] = useState('');
	return (
		<DecimalContext value={mark}>
			<PadField label="A mass" value={text} onChange={setText} pad units={['kg']} testID="mass" />
			<Words testID="kept">Kept as {text.split('').join(' ')}</Words>
			<Words>It equals 27.1333… ft/s. Touch it.</Words>
		</DecimalContext>
	);
}

const field = () => screen.getByLabelText('A mass') as HTMLInputElement;

describe('a decimal comma', () => {
	it('is shown in every number, and on the key', () => {
		render(<Typed mark="comma" />);
		expect(pageSays()).toContain('It equals 27,1333… ft/s. Touch it.');
		for (const key of ['2', ', comma', '5']) pressNamed(key);
		expect(field().value).toBe('2,5');
		expect(pageSays()).toContain('Kept as 2 . 5');
	});

	it('is what a comma before three digits is typed for', () => {
		render(<Typed mark="comma" />);
		fireEvent.change(field(), { target: { value: '1,250 kg' } });
		expect(field().value).toBe('1,250 kg');
		expect(pageSays()).toContain('Kept as 1 . 2 5 0');
	});

	it('is not shown where the mark is a point', () => {
		render(<Typed mark="point" />);
		fireEvent.change(field(), { target: { value: '1,250 kg' } });
		expect(field().value).toBe('1,250 kg');
		expect(pageSays()).toContain('Kept as 1 , 2 5 0');
		expect(pageSays()).toContain('27.1333…');
	});
});
