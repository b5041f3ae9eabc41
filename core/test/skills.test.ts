import { parseUnit, solutionOf } from '../src';
import { oneOf } from '../src/exercise/draws';
import { answerKey, check, fresh, type Level, SKILLS, type Skill, skillNamed } from '../src/practice';
import { SLIP_CODES } from './slip-codes';

const LEVELS: readonly Level[] = [1, 2, 3];
const SETS = SKILLS.flatMap(({ skill }) => LEVELS.map((level) => [skill, level] as const));

function setOf(skill: string, level: number, seed: string | number, count = 10) {
	const made = fresh({ skill, seed, level, count });
	if (!made.ok) throw new Error(made.fault.message);
	return made.value;
}

describe('the skills', () => {
	it('are at least twenty, each with a name, a letter and words of its own', () => {
		expect(SKILLS.length).toBeGreaterThanOrEqual(20);
		for (const field of ['skill', 'letter', 'title', 'about', 'watch'] as const)
			expect(new Set(SKILLS.map((skill) => skill[field])).size).toBe(SKILLS.length);
	});

	it('name only slips that there are', () => {
		expect(SKILLS.flatMap(({ slips }) => slips).filter((code) => !SLIP_CODES.includes(code))).toEqual([]);
	});
});

describe.each(SETS)('%s at level %i', (skill, level) => {
	const all = Array.from({ length: 9 }, (_, seed) => setOf(skill, level, seed + 1)).flat();

	it('asks what its key answers rightly, line and all', () => {
		for (const exercise of all.slice(0, 30)) {
			const key = answerKey(exercise);
			const solved = solutionOf(exercise);
			if (!key.ok || !solved.ok) throw new Error(`no key for ${exercise.prompt}`);
			const judged = check(exercise, key.value.text, solved.value.chain ?? undefined);
			expect([exercise.prompt, judged]).toMatchObject([
				exercise.prompt,
				{ ok: true, value: { right: true, slips: [] } },
			]);
			expect(key.value.value).toMatch(/^-?\d+(\/\d+)?$/);
		}
	});

	it('says it in many ways: no prompt twice in a set, and at least 80 of 90 from nine seeds', () => {
		expect(new Set(all.map(({ prompt }) => prompt)).size).toBeGreaterThanOrEqual(80);
		expect(new Set(setOf(skill, level, 'a hundred', 100).map(({ prompt }) => prompt)).size).toBe(100);
	});

	it('reads as a sentence, with every quantity marked where it stands', () => {
		for (const { prompt, marks = [] } of all) {
			expect(prompt).toMatch(/^[A-Z].*[.?]$/);
			expect(prompt).not.toMatch(/[<>{}|^]|undefined|NaN|\be\d| {2}/);
			for (const { at } of marks) expect(prompt.slice(...at)).toMatch(/^[−\d].*\S$/);
		}
	});

	it('comes out alike from the same seed and differently from another', () => {
		expect(setOf(skill, level, 'spring')).toEqual(setOf(skill, level, 'spring'));
		expect(setOf(skill, level, 'spring')).not.toEqual(setOf(skill, level, 'summer'));
		expect(setOf(skill, level, 'spring', 20).slice(0, 10)).toEqual(setOf(skill, level, 'spring'));
	});
});

describe('a set that cannot be made', () => {
	it.each([
		[{ skill: 'nothing' }, 'unknown-skill', 'skill'],
		[{ level: 4 }, 'shape', 'level'],
		[{ count: 0 }, 'shape', 'count'],
		[{ count: 2.5 }, 'shape', 'count'],
		[{ count: 10_000 }, 'too-large', 'count'],
	])('%j: %s', (wrong, code, field) => {
		const ask = { skill: 'areas', seed: 1, level: 1, count: 5, ...wrong };
		expect(fresh(ask)).toMatchObject({ ok: false, fault: { code, in: field } });
	});
});

describe('a skill with few things to ask', () => {
	it('says so when a set wants more of them, and does not look for ever', () => {
		const [skill] = SKILLS.map(({ skill }) => skillNamed(skill));
		const scenes = jest.replaceProperty(skill as { scenes: Skill['scenes'] }, 'scenes', [
			{
				level: 1,
				things: [{ says: 'It is <n> g.', draw: { n: oneOf('a few grams', '5') } }],
				asks: ['How many figures?'],
				want: { figures: '<n>' },
			},
		]);
		const ask = { skill: (skill as Skill).skill, seed: 1, level: 1 };
		expect(fresh({ ...ask, count: 1 })).toMatchObject({
			ok: true,
			value: [{ prompt: 'It is 5 g. How many figures?' }],
		});
		expect(fresh({ ...ask, count: 2 })).toMatchObject({ ok: false, fault: { code: 'too-large', in: 'count' } });
		scenes.restore();
	});
});

describe('a scene', () => {
	const scenes = SKILLS.flatMap(({ skill }) =>
		(skillNamed(skill) as Skill).scenes.flatMap((scene) => ('make' in scene ? [] : [{ skill, scene }])),
	);

	it('draws each number from a range with its reason, and names no other', () => {
		for (const { scene } of scenes)
			for (const { says, draw } of scene.things) {
				const named = new Set(
					[...JSON.stringify([says, scene.start, scene.facts, scene.line, scene.terms]).matchAll(/<(\w+)>/g)].map(
						([, name]) => name,
					),
				);
				expect([says, [...named].filter((name) => !((name as string) in draw))]).toEqual([says, []]);
				for (const one of Object.values(draw)) expect(one.why).toMatch(/^[a-z].{2,}/);
			}
	});

	it('has no braces in what is read, and no article before a number that would not go with it', () => {
		for (const [skill, level] of SETS)
			for (const { prompt } of setOf(skill, level, 3)) {
				expect(prompt).not.toMatch(/[{}<>]/);
				expect(prompt).not.toMatch(/\ba (?:8|11|18)\b/i);
			}
	});

	it.each(['doses', 'drip-rates', 'moles'])(
		'of %s is one of six and more, with several conversions a level',
		(name) => {
			const of = scenes.filter(({ skill }) => skill === name).map(({ scene }) => scene);
			expect(of.length).toBeGreaterThanOrEqual(6);
			for (const level of [1, 2, 3]) {
				const ways = of
					.filter((scene) => scene.level === level)
					.map(({ start, want, line }) => JSON.stringify([start, want, line]));
				expect(new Set(ways).size).toBeGreaterThanOrEqual(3);
			}
		},
	);
});

describe('what is asked', () => {
	it('never starts from a whole number whose zeros leave its figures unclear, but where the skill is about that', () => {
		const about = ['counting-figures', 'scientific-form', 'figures-multiplied'];
		const starts = SETS.filter(([skill]) => !about.includes(skill)).flatMap(([skill, level]) =>
			setOf(skill, level, 7).flatMap(({ start }) => (start && !('top' in start) ? [start.number] : [])),
		);
		expect(starts.filter((number) => /^\d+0$/.test(number))).toEqual([]);
	});

	it('wants units that are known', () => {
		for (const [skill, level] of SETS)
			for (const { want } of setOf(skill, level, 1))
				if ('unit' in want) expect(parseUnit(want.unit, { counted: true }).ok).toBe(true);
	});
});
