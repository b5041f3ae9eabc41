import type { Factor } from '@tidy-sum/core';
import type { Step, WorkBody } from '@tidy-sum/schema';
import type { Database } from './database';
import { keepWork } from './works';

/** The desk whose link is printed at the start, with work on it in every state. */
export const DEMO_DESK = 'fennel-ridge-demo';

function place(block: string, top: string, bottom: string): Step {
	const quantity = (text: string) => {
		const [number = '', unit = ''] = text.split(' ');
		return { number, unit };
	};
	const factor: Factor = { top: quantity(top), bottom: quantity(bottom) };
	return { do: 'place', block, factor };
}

/** The quantities of the nutrient tank in their places, by where they stand in its text, and what is wanted. */
const TANK_PLACED: Step = {
	do: 'together',
	steps: [
		{ do: 'mark', at: [26, 32], role: 'start' },
		{ do: 'mark', at: [87, 93], role: 'fact' },
		{ do: 'mark', at: [103, 107], role: 'fact' },
		{ do: 'start', start: { number: '2.50', unit: 'L' } },
		{ do: 'want', unit: 'kg' },
	],
};

function body(exercise: string, steps: Step[]): WorkBody {
	return { exercise, steps, at: steps.length };
}

/** Half-way along a rate; finished and checked; an upside-down block. */
const WORKS: readonly (readonly [string, WorkBody])[] = [
	['demo-new-snow', body('new-snow', [place('a', '2.54 cm', '1 in'), place('b', '10 mm', '1 cm')])],
	[
		'demo-honey-jar',
		body('honey-jar', [place('a', '1 kg', '10^3 g'), { do: 'answer', text: '0.454 kg' }, { do: 'check' }]),
	],
	['demo-nutrient-tank', body('nutrient-tank', [TANK_PLACED, place('a', '1 L', '1000 mL')])],
];

/** Lays the demo work on its desk, once: what someone has done there since is left alone. */
export async function layDemo(db: Database, now: Date): Promise<void> {
	if (await db('desk').where({ id: DEMO_DESK }).first()) return;
	for (const [id, work] of WORKS) await keepWork(db, DEMO_DESK, id, { base: 0, body: work }, now.toISOString());
}
