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
	if (exercise.difference)
		return close
			? wrong('A difference has no zero to shift: it is so many degrees wherever it begins. Take this step back.')
			: fine('');
	const reading = readingsOf(worked)[index + 1];
	const stands = after(told, index);
	if (!reading || !close) return fine(stands === '' ? '' : `${stands} stand now.`);
	if (reading.kelvins.sign < 0)
		return wrong('This is below absolute zero, where no temperature is. Look whether the step goes the other way.');
	if (reading.zero === null)
		return wrong(
			'No scale has its zero where this counts from: the reading has left the place where the start stands.',
		);
	const counted =
		reading.zero === reading.degrees
			? `on the scale of ${reading.degrees}`
			: `counted from where 0 ${reading.zero} stands`;
	return fine(`${stands === '' ? 'What stands is' : `${stands},`} ${counted}. The place is the same.`);
};

const ofAside: Says = (told, index) => {
	const { worked, support } = told;
	const { aside } = worked.read.factors[index]?.written ?? {};
	if (!aside) return fine('');
	if (aside.number.trim() === '') return fine(`Write how many whole ${printUnitText(aside.unit)} there are.`);
	const fits = support === 'close' ? fitsAfter(worked, index) : 'fits';
	if (fits === 'more') return wrong(`What is left still holds a whole ${printUnitText(aside.unit)}.`);
	if (fits === 'fewer') return wrong(`There are not so many whole ${printUnitText(aside.unit)}.`);
	const left = after(told, index);
	const ends = worked.running[index + 1]?.unit === worked.read.want?.text;
	const said = aside.from === undefined && left ? ` ${left} are left${ends ? '' : ', and go on'}.` : '';
	return fine(`${printQuantity(aside)} are set aside, and stay.${said}`);
};

const ofTerm: Says = ({ worked }, index) => {
	const part = worked.read.factors[index]?.written.term;
	const want = worked.read.want?.text ?? '';
	if (!part) return fine('');
	return fine(
		printUnitText(part.unit) === want
			? `${printQuantity(part)} stand beside the line, in ${want}, as wanted.`
			: `${printQuantity(part)} stand beside the line. Touch ${printUnitText(part.unit)} there to take it through its own block.`,
	);
};

const OF: { readonly [F in StepField]: Says } = { shift: ofShift, aside: ofAside, term: ofTerm };

/** What is said of a step that is no factor, as the support allows: what it did, or why it does not lead on. */
export function saidOfStep(told: Told, index: number): SaidOfStep {
	const written = told.worked.read.factors[index]?.written;
	const field = written ? fieldOf(written) : null;
	return field === null || told.support === 'none' ? fine('') : OF[field](told, index);
}
