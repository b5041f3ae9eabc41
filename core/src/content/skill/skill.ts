import { goalOf } from '../../answer/answer-kinds';
import type { Dice } from '../../exercise/dice';
import { type Draw, filled } from '../../exercise/draws';
import type { Exercise } from '../../exercise/exercise';
import { type Posed, posed } from '../../exercise/posed';
import { printUnitText } from '../../say/say';

/** From the plain case to the one with a catch. */
export type Level = 1 | 2 | 3;

/** A thing that is met: the sentence that sets the problem, and numbers that fit it; they stand in it by name, "<n>". */
export type Thing = { readonly says: string; readonly draw: Readonly<Record<string, Draw>> };

/**
 * Where a skill is met on Fennel Ridge: things of one kind, and sentences that ask. The plain ways of asking are taken
 * where none are given.
 */
export type Scene = Omit<Posed, 'text'> & {
	readonly level: Level;
	readonly things: readonly Thing[];
	readonly asks?: readonly string[];
};

/** A problem that is made rather than filled in; `ways` tells how many ways it can be put. */
export type MadeScene = {
	readonly level: Level;
	readonly ways: number;
	readonly make: (dice: Dice, way: number) => Exercise;
};

/** Something to practise. A skill is one file. */
export type Skill = {
	readonly skill: string;
	readonly title: string;
	/** Its letter in the code of a Round; it never changes, and no two share one. */
	readonly letter: string;
	/** What is asked of the student. */
	readonly about: string;
	/** What goes wrong there. */
	readonly watch: string;
	/** The slips that come here, by their codes. */
	readonly slips: readonly string[];
	readonly scenes: readonly (Scene | MadeScene)[];
};

/** Units whose symbol would not read as a word of a sentence. */
const SPOKEN: Readonly<Record<string, string>> = {
	in: 'inches',
	'in²': 'square inches',
	'in³': 'cubic inches',
	ton: 'tons',
};

function plainAsks(want: Posed['want']): readonly string[] {
	const written = typeof want === 'string' ? want : (goalOf({ prompt: '', facts: [], rounding: 'none', want }) ?? '');
	const unit = SPOKEN[written] ?? printUnitText(written);
	return [
		`What is that in ${unit}?`,
		`Write it in ${unit}.`,
		`The station log wants ${unit}. What is written there?`,
		`How much is it in ${unit}?`,
	];
}

/** How many ways a scene can be put into words. */
export function waysOf(scene: Scene | MadeScene): number {
	return 'make' in scene ? scene.ways : scene.things.length * (scene.asks ?? plainAsks(scene.want)).length;
}

/** A fresh exercise of a scene, put in one of its ways. */
export function exerciseOf(scene: Scene | MadeScene, way: number, dice: Dice): Exercise {
	if ('make' in scene) return scene.make(dice, way);
	const { level: _, things, asks = plainAsks(scene.want), ...problem } = scene;
	const { says, draw } = things[way % things.length] as Thing;
	const numbers = Object.fromEntries(Object.entries(draw).map(([name, one]) => [name, one(dice)]));
	const typed = JSON.parse(filled(JSON.stringify(problem), numbers, false)) as Omit<Posed, 'text'>;
	const text = `${says} ${asks[Math.floor(way / things.length) % asks.length]}`;
	return posed({ ...typed, text: filled(text, numbers, true) });
}
