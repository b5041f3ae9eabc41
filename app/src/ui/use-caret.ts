import { useMemo, useRef } from 'react';

/** Where keys of our own type into a field, and what they do there. */
export type Caret = {
	readonly onSelect: (from: number, to: number) => void;
	readonly type: (text: string) => void;
	/** Types a unit, apart from the number before it. */
	readonly typeUnit: (unit: string) => void;
	readonly erase: () => void;
	readonly clear: () => void;
};

/** Keeps the place in a field, so that keys of our own type there. What it gives stays the same from one drawing to the next. */
export function useCaret(value: string, onChange: (text: string) => void): Caret {
	const caret = useRef<readonly [number, number]>([value.length, value.length]);
	const field = useRef({ value, onChange });
	field.current = { value, onChange };
	return useMemo(() => {
		const replace = (from: number, to: number, text: string) => {
			const { value: typed, onChange: onType } = field.current;
			onType(typed.slice(0, from) + text + typed.slice(to));
			caret.current = [from + text.length, from + text.length];
		};
		return {
			onSelect: (from, to) => {
				caret.current = [from, to];
			},
			type: (text) => replace(...caret.current, text),
			typeUnit: (unit) => {
				const [from, to] = caret.current;
				replace(from, to, `${/[\d.]$/.test(field.current.value.slice(0, from)) ? ' ' : ''}${unit}`);
			},
			clear: () => replace(0, field.current.value.length, ''),
			erase: () => {
				const [from, to] = caret.current;
				replace(from === to ? Math.max(0, from - 1) : from, to, '');
			},
		};
	}, []);
}
