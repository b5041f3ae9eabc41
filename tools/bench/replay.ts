import { bodyAfter, sayStep } from '../../app/src/work/said-steps';
import { workOf } from '../../app/src/work/work';
import { BOOK, type BookExercise, workChain } from '../../core/src';
import type { Step, WorkBody } from '../../schema/src';
import { type Row, row } from './measure';

const STEPS = 200;

/** A piece of work of many steps: blocks laid, turned, moved and taken off, answers typed, some of it undone. */
function longWork(): WorkBody {
	const block = (i: number) => `b${i % 20}`;
	const steps = Array.from({ length: STEPS }, (_, i): Step => {
		if (i < 20)
			return {
				do: 'place',
				block: block(i),
				factor: { top: { number: '60', unit: 'min' }, bottom: { number: '1', unit: 'h' } },
			};
		const all: readonly Step[] = [
			{ do: 'turn', block: block(i) },
			{ do: 'move', block: block(i), to: i % 7 },
			{ do: 'answer', text: `${i} min` },
			{ do: 'undo' },
			{ do: 'raise', block: block(i), power: (i % 3) + 1 },
		];
		return all[i % all.length] as Step;
	});
	return { exercise: 'mast-log', steps };
}

/** How long the slowest jump to any step of a long piece of work takes: its sentence, and the line that then stood. */
export function replay(): Row {
	const body = longWork();
	const exercise = BOOK.find(({ name }) => name === body.exercise) as BookExercise;
	let slowest = 0;
	for (let at = 1; at <= STEPS; at++) {
		const began = performance.now();
		sayStep(body, exercise, at);
		const { blocks } = workOf(bodyAfter(body, at));
		workChain({ start: exercise.start, factors: blocks.map(({ factor }) => factor) });
		slowest = Math.max(slowest, performance.now() - began);
	}
	return row('the slowest jump to a step of 200', slowest, { most: 50 }, 'ms');
}
