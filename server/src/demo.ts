import { quantityOfRow } from '@tidy-sum/core';
import { DEMO_DESK, type Step, TERM_DESK, type WorkBody } from '@tidy-sum/schema';
import { termWork } from './demo-term';
import { createKeeping } from './keeping/create-keeping';
import type { Database } from './keeping/database';
import { eventsHere } from './keeping/events';

/** A block placed, as it is written down: "2.54 cm" over "1 in". */
function place(block: string, top: string, bottom: string): Step {
	return { do: 'place', block, factor: { top: quantityOfRow(top), bottom: quantityOfRow(bottom) } };
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
	return { exercise, steps };
}

/** The Round of the demo desk: a prefix, a rate and an area in turn, five exercises at level 1. */
export const DEMO_ROUND = '910kh26fgh';

type Told = {
	readonly answer: string;
	readonly slip?: string;
	readonly nudges?: number;
	readonly blocks: readonly string[];
};

/** An exercise of the demo Round: its tries, a minute apart, the last of them as it stands on the Desk. */
function inRound(number: number, start: string, tries: readonly Told[], now: Date): readonly [string, WorkBody] {
	const factors = ({ blocks }: Told) => blocks.map((block) => block.split(' / ') as [string, string]);
	const last = tries.at(-1) as Told;
	const steps: Step[] = [
		...factors(last).map(([top, bottom], i) => place(`b${i}`, top, bottom)),
		{ do: 'answer', text: last.answer },
		{ do: 'check' },
	];
	const made = tries.map((told, i): NonNullable<WorkBody['tries']>[number] => ({
		when: now.getTime() - (tries.length - i) * 60_000,
		seconds: 60,
		right: told.slip === undefined,
		slips: told.slip === undefined ? [] : [told.slip],
		nudges: told.nudges ?? 0,
		shown: false,
		answer: told.answer,
		start: quantityOfRow(start),
		factors: factors(told).map(([top, bottom]) => ({ top: quantityOfRow(top), bottom: quantityOfRow(bottom) })),
	}));
	return [`demo-round-${number}`, { ...body(`round-${DEMO_ROUND}-0${number}`, steps), tries: made }];
}

/** A Round four fifths done: at once, after another try, after a nudge, and one not right yet. */
function demoRound(now: Date): readonly (readonly [string, WorkBody])[] {
	const [litres, hours] = ['1 L / 1000 mL', '60 min / 1 h'];
	const flipped = { answer: '7.90e-4 L/h', slip: 'flipped-factor', blocks: [litres, '1 h / 60 min'] };
	return [
		inRound(1, '261 mL', [{ answer: '0.261 L', blocks: [litres] }], now),
		inRound(2, '47.4 mL/min', [flipped, { answer: '2.84 L/h', blocks: [litres, hours] }], now),
		inRound(3, '15.73 ft^2', [{ answer: '188.8 in^2', slip: 'power-missed', blocks: ['12 in / 1 ft'] }], now),
		inRound(4, '0.547 kg', [{ answer: '547 g', nudges: 2, blocks: ['1000 g / 1 kg'] }], now),
	];
}

/** A sheet of the demo desk: its first problem worked and checked, its third begun. */
const SHEET: Step = {
	do: 'lay',
	problems: [
		'A drip line was left 350 mL of nutrient solution. How many litres is that?',
		'Snow lies 127 cm deep at the mast. Convert to feet, to the nearest tenth.',
		'The balloon climbs at 5.4 m/s. Express this in km/h.',
		'The freezer is kept at −22 to −18 °C. Give that range in °F.',
		'12 jars go to a crate and each jar holds 454 g. How many kg of honey are in 36 crates? Give 3 significant figures.',
		'The shelf in the workshop is 7 ft 5 in long. How long is it in cm?',
		'A sled takes 250 kg. How far does it run?',
	].map((text, i) => ({ id: `p${i + 1}`, label: `${i + 1}`, text })),
};

function onSheet(number: number, start: string, unit: string, more: readonly Step[]): readonly [string, WorkBody] {
	const text = SHEET.do === 'lay' ? (SHEET.problems[number - 1]?.text ?? '') : '';
	const posed: Step[] = [
		{ do: 'pose', text, given: true },
		{ do: 'start', start: quantityOfRow(start) },
		{ do: 'want', unit },
	];
	return [`demo-sheet-${number}`, body(`own-week7-p${number}`, [...posed, ...more])];
}

const SHEETS: readonly (readonly [string, WorkBody])[] = [
	['demo-sheet', body('sheet-week7', [SHEET, { do: 'entitle', title: 'Week 7 at the glasshouse' }])],
	onSheet(1, '350 mL', 'L', [place('a', '1 L', '1000 mL'), { do: 'answer', text: '0.350 L' }, { do: 'check' }]),
	onSheet(3, '5.4 m/s', 'km/h', [place('a', '3600 s', '1 h')]),
];

/** Half-way along a rate; finished and checked; an upside-down block. */
const WORKS: readonly (readonly [string, WorkBody])[] = [
	['demo-new-snow', body('new-snow', [place('a', '2.54 cm', '1 in'), place('b', '10 mm', '1 cm')])],
	[
		'demo-honey-jar',
		body('honey-jar', [place('a', '1 kg', '10^3 g'), { do: 'answer', text: '0.454 kg' }, { do: 'check' }]),
	],
	['demo-nutrient-tank', body('nutrient-tank', [TANK_PLACED, place('a', '1 L', '1000 mL')])],
];

/** The demo desks, each with what lies on it. */
const DESKS: readonly {
	readonly desk: string;
	readonly works: (now: Date) => readonly (readonly [string, WorkBody])[];
}[] = [
	{ desk: DEMO_DESK, works: (now) => [...WORKS, ...SHEETS, ...demoRound(now)] },
	{ desk: TERM_DESK, works: (now) => [...termWork(now.getTime()), ...WORKS.slice(0, 1), ...SHEETS] },
];

/**
 * Lays the demo work on its desks, once: what someone has done there since is left alone. They are claimed by nobody, and
 * whoever opens one gets a copy.
 */
export async function layDemo(db: Database, now: Date): Promise<void> {
	for (const { desk, works } of DESKS) {
		const made = await db('desk')
			.insert({ id: desk, made: now.toISOString(), claimed: true })
			.onConflict('id')
			.ignore()
			.returning('id');
		if (!made.length) {
			await db('desk').where({ id: desk, claimed: false }).update({ claimed: true });
			continue;
		}
		const keeping = createKeeping(db, eventsHere());
		await Promise.all(
			works(now).map(([id, body]) => {
				const last = body.tries?.at(-1)?.when ?? now.getTime();
				return keeping.keep(desk, null, id, { base: 0, body }, new Date(last));
			}),
		);
	}
}
