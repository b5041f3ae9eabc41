import {
	type BookExercise,
	goalOf,
	judge,
	printValue,
	roundName,
	type WorkedChain,
	writtenQuantity,
} from '@tidy-sum/core';
import { fresh, SKILLS } from '@tidy-sum/core/practice';
import { nudgedStep } from '../../core/test/nudged-step';
import { type DeskView, deskIn } from '../src/work/desk-view';
import { freshBody } from '../src/work/history';
import { did, type WorksState, worksReducer } from '../src/work/works-reducer';

/** How many fresh exercises of each skill and level. */
const COUNT = 24;
/** The most steps a line is worked in. */
const STEPS = 12;

const NAME = roundName('910kh26fgh', 0);

/** The works of a desk with one exercise on it, on which its quantities have their places. */
function placed(exercise: BookExercise): WorksState {
	const body = freshBody(NAME, { ...exercise } as never);
	const begun = { byId: { one: { id: 'one', version: 0, body } }, open: { [NAME]: 'one' }, last: NAME } as never;
	const marks = (exercise.marks ?? []).map(({ at, role }) => did(NAME, { do: 'mark', at: [...at], role }));
	const steps = [
		...marks,
		...(exercise.start ? [did(NAME, { do: 'start', start: exercise.start })] : []),
		did(NAME, { do: 'want', unit: goalOf(exercise) ?? '' }),
	];
	const [first] = exercise.marks ?? [];
	return first && exercise.marks && exercise.marks.length > 1
		? steps.reduce((works: WorksState, step) => worksReducer(works, step), begun)
		: begun;
}

function viewOf(works: WorksState): DeskView {
	const view = deskIn({ works }, NAME);
	if (!view) throw new Error('the exercise is not on the desk');
	return view;
}

/** What the line says its result is, with the figures it says that may have; null where it says no count. */
function resultOf({ value, significant, place, unit }: WorkedChain): string | null {
	if (!value || significant === null || place !== null) return null;
	return writtenQuantity({ number: printValue(value.value, value.pi, significant).text, unit: unit.text });
}

/** Whether the check finds the line right, whatever the answer. */
function lineHolds({ exercise, chain }: DeskView): boolean {
	const judged = judge(exercise, `1 ${chain.want ?? ''}`, chain);
	return judged.ok && judged.value.lines.line.verdict === 'right';
}

describe('an exercise worked on the store by its nudges', () => {
	it('closes where the check finds the line right and nowhere before, and its result with its figures is right', () => {
		const apart: string[] = [];
		let worked = 0;
		for (const { skill } of SKILLS)
			for (const level of [1, 2, 3] as const) {
				const made = fresh({ skill, seed: `nudged ${level}`, level, count: COUNT });
				for (const exercise of made.ok ? (made.value as unknown as readonly BookExercise[]) : []) {
					// Of a difference the nudges tell the sizes of the degrees, and leave the block to the student.
					if (goalOf(exercise) === null || !exercise.start || exercise.difference) continue;
					let works = placed(exercise);
					let view = viewOf(works);
					const say = (what: string) => apart.push(`${skill}: ${what}: ${exercise.prompt}`);
					for (let i = 0; i < STEPS && !view.closed; i++) {
						const factor = nudgedStep(view.chain, view.exercise, { own: [], allowed: view.facts.allowed ?? [] });
						if (!factor) break;
						works = worksReducer(works, did(NAME, { do: 'place', block: `b${i}`, factor }));
						view = viewOf(works);
						// What is still to add or to put together may be done beside the line.
						const isOpen = !view.closed && !view.toAdd.length && view.lacks === '';
						if (lineHolds(view) ? isOpen : view.closed) say(`closed ${view.closed} after factor ${i + 1}`);
					}
					worked += 1;
					if (!view.closed) {
						say('never closes');
						continue;
					}
					const result = resultOf(view.worked);
					const { want, rounding, until } = view.exercise;
					if (!result || !('unit' in want) || want.form || rounding !== 'figures' || until) continue;
					works = worksReducer(works, did(NAME, { do: 'answer', text: result }));
					works = worksReducer(works, did(NAME, { do: 'check' }));
					if (!viewOf(works).verdict?.right) say(`${result} by the line`);
				}
			}
		expect(apart).toEqual([]);
		expect(worked).toBeGreaterThan(1500);
	});
});
