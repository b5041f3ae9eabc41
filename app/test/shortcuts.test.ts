import { SHORTCUTS, shortcutFor } from '../src/desk/shortcuts';

const page = document.body;

function says(key: string, more: Partial<KeyboardEvent> = {}): string | undefined {
	const event = { key, ctrlKey: false, metaKey: false, altKey: false, shiftKey: false, target: page, ...more };
	return shortcutFor(event)?.says;
}

describe('the keys of the Desk', () => {
	it('undo and redo with Ctrl and with Cmd', () => {
		expect(says('z', { ctrlKey: true })).toBe('undo');
		expect(says('z', { metaKey: true })).toBe('undo');
		expect(says('Z', { ctrlKey: true, shiftKey: true })).toBe('redo');
		expect(says('y', { ctrlKey: true })).toBe('redo');
	});

	it('are plain letters, marks and arrows otherwise, whatever the keyboard needs for them', () => {
		expect(says('f')).toContain('facts');
		expect(says('?', { shiftKey: true })).toBe('this sheet');
		expect(says('ArrowRight')).toBe('next factor on the line');
		expect(says('F', { shiftKey: true })).toBeUndefined();
		expect(says('f', { ctrlKey: true })).toBeUndefined();
		expect(says('f', { altKey: true })).toBeUndefined();
		expect(says('q')).toBeUndefined();
	});

	it('leave what is typed alone, but for Escape and undoing', () => {
		const field = document.createElement('input');
		expect(says('f', { target: field })).toBeUndefined();
		expect(says('ArrowLeft', { target: field })).toBeUndefined();
		expect(says('Escape', { target: field })).toContain('close');
		expect(says('z', { ctrlKey: true, target: field })).toBe('undo');
	});

	it('are silent where letters are turned off, but for arrows, Escape and what goes with Ctrl', () => {
		const row = (key: string, ctrlKey = false) =>
			shortcutFor({ key, ctrlKey, metaKey: false, altKey: false, shiftKey: false, target: page }, false)?.says;
		expect([row('f'), row('?'), row('=')]).toEqual([undefined, undefined, undefined]);
		expect(row('ArrowRight')).toBe('next factor on the line');
		expect(row('Escape')).toContain('close');
		expect(row('z', true)).toBe('undo');
	});

	it('ask for one thing each', () => {
		const pressed = SHORTCUTS.map(({ key, mod, shift }) => `${key} ${mod ?? false} ${shift ?? false}`);
		expect(new Set(pressed).size).toBe(pressed.length);
	});
});
