import { fitsAfter } from '../chain/fits-after';
import { readingsOf } from '../chain/readings';
import type { StepField } from '../chain/steps/step-kind';
import { fieldOf } from '../chain/steps/steps';
import type { WorkedChain } from '../chain/work-chain';
import type { Exercise } from '../exercise/exercise';
import { printQuantity, printUnitText } from '../say/say';
import { printStanding } from '../say/step-words';

/** What is said of a step: a sentence, and whether it does not lead on. */
export type SaidOfStep = { readonly text: string; readonly wrong: boolean };

/** Everything a step is told by; `shown` has what is covered left out. */
type Told = {
	readonly worked: WorkedChain;
	readonly shown: WorkedChain;
	/** The other end of a range on the same line, where there is one. */
	readonly high?: WorkedChain | null;
	readonly exercise: Pick<Exercise, 'difference'>;
	readonly support: 'close' | 'light' | 'none';
};

const fine = (text: string): SaidOfStep => ({ text, wrong: false });
const wrong = (text: string): SaidOfStep => ({ text, wrong: true });

type Says = (told: Told, index: number) => SaidOfStep;

/** What stands after a step, where it is not covered. */
function after({ shown, high }: Told, index: number): string {
	const running = shown.running[index + 1];
	return running?.value ? printStanding(running, high?.running[index + 1]) : '';
}

const ofShift: Says = (told, index) => {
	const { worked, exercise, support } = told;
	const close = support === 'close';
	if (exercise.difference) return close ? wrong('For a difference you only multiply. Undo this step.') : fine('');
	const reading = readingsOf(worked)[index + 1];
	const stands = after(told, index);
	if (!reading || !close) return fine(stands === '' ? '' : `Now it is ${stands}.`);
	if (reading.kelvins.sign < 0) return wrong('This is below absolute zero. Should the step go the other way?');
	if (reading.zero === null)
		return wrong('No scale has its zero here. This is no longer the temperature you started from.');
	const counted =
		reading.zero === reading.degrees ? `on the scale of ${reading.degrees}` : `counted from 0 ${reading.zero}`;
	return fine(`${stands === '' ? 'This is' : `${stands},`} ${counted}. It is still the same temperature.`);
};

const ofAside: Says = (told, index) => {
	const { worked, support } = told;
	const { aside } = worked.read.factors[index]?.written ?? {};
	if (!aside) return fine('');
	if (aside.number.trim() === '') return fine(`How many whole ${printUnitText(aside.unit)} are there?`);
	const fits = support === 'close' ? fitsAfter(worked, index) : 'fits';
	if (fits === 'more') return wrong(`There is still a whole ${printUnitText(aside.unit)} left.`);
	if (fits === 'fewer') return wrong(`There are not that many whole ${printUnitText(aside.unit)}.`);
	const left = after(told, index);
	const ends = worked.running[index + 1]?.unit === worked.read.want?.text;
	const said = aside.from === undefined && left ? ` ${left} are left${ends ? '' : ' to convert'}.` : '';
	return fine(`${printQuantity(aside)} are set aside.${said}`);
};

const ofTerm: Says = ({ worked }, index) => {
	const part = worked.read.factors[index]?.written.term;
	const want = worked.read.want?.text ?? '';
	if (!part) return fine('');
	return fine(
		printUnitText(part.unit) === want
			? `${printQuantity(part)} beside the line, in ${want}, as it should be.`
			: `${printQuantity(part)} beside the line. Touch ${printUnitText(part.unit)} there to convert it.`,
	);
};

const OF: { readonly [F in StepField]: Says } = { shift: ofShift, aside: ofAside, term: ofTerm };

/** What is said of a step that is no factor, as the support allows: what it did, or why it does not lead on. */
export function saidOfStep(told: Told, index: number): SaidOfStep {
	const written = told.worked.read.factors[index]?.written;
	const field = written ? fieldOf(written) : null;
	return field === null || told.support === 'none' ? fine('') : OF[field](told, index);
}
