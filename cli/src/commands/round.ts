import { setOfRound } from '@tidy-sum/exchange/set';
import { type PeopleCommand, unread } from './command';
import { FORM_FLAGS, written } from './set';
import * as words from './words';

/** A Round in any form. */
export const round: PeopleCommand = {
	name: 'round',
	takes: [['code', words.theCodeOfTheRound]],
	flags: FORM_FLAGS,
	says: words.writeTheExercisesOfARound,
	examples: [words.tidySumRoundKS5faFFormHtml, words.tidySumRoundKS5faFFormQtiO],
	run: async ([code = ''], flags) => {
		const made = setOfRound(code);
		return made.ok ? written(made.value, flags, '') : unread(made.fault.message);
	},
};
