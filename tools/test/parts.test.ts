import { modulesOf, parted } from '../lib/parts.mjs';

const module = (id: number, needs: string, body = '') => `__d(function(g,r,i,a,m,e,d){${body}},${id},${needs});`;
const SHARED = [module(1, '[2]'), module(2, '[]'), module(3, '[]'), module(4, '[3]')].join('\n');

describe('the parts of what scripts share', () => {
	it('reads a module with what it needs at once, and passes over what comes when it is asked for', () => {
		const script = [
			module(7, '{"0":1,"1":9,"paths":{"9":"/x.js"}}', 'const t=`\n`;'),
			'//# sourceMappingURL=x.map',
			module(8, '[]'),
		].join('\n');
		expect(modulesOf(script).map(({ id, needs }) => [id, needs])).toEqual([
			[7, [1]],
			[8, []],
		]);
		expect(modulesOf(`${module(7, '[]')}\n__r(7);`)).toEqual([]);
		expect(() => modulesOf('__d(what is this')).toThrow('not known');
	});

	it('go to the page that needs them first, each once, and to a last part else', () => {
		const { files, needs } = parted(
			SHARED,
			[
				['/desk-1.js', module(10, '[1]')],
				['/today-1.js', module(11, '[2]')],
				['/record-1.js', module(12, '[4]')],
				['/plain-1.js', module(13, '[]')],
			],
			[
				{ name: 'today', of: '/today-' },
				{ name: 'desk', of: '/desk-' },
			],
		);
		const holds = Object.fromEntries(
			files.map(([name, text]) => [name.split('-')[1], modulesOf(text).map(({ id }) => id)]),
		);
		expect(holds).toEqual({ today: [2], desk: [1], rest: [3, 4] });
		const parts = (path: string) => needs[path]?.map((name) => name.split('-')[1]).sort();
		expect(['/desk-1.js', '/today-1.js', '/record-1.js', '/plain-1.js'].map(parts)).toEqual([
			['desk', 'today'],
			['today'],
			['rest'],
			[],
		]);
	});

	it('have a name that changes with what is in them', () => {
		const name = (text: string) => parted(text, [], []).files[0]?.[0];
		expect(name(module(1, '[]'))).not.toBe(name(module(1, '[]', 'x')));
		expect(name(module(1, '[]'))).toBe(name(module(1, '[]')));
	});
});
