import { setOfRound } from '@tidy-sum/exchange/set';
import { type PeopleCommand, unread } from './command';
import { FORM_FLAGS, written } from './set';

/** A Round in any form. */
export const round: PeopleCommand = {
	name: 'round',
	takes: [['code', 'the code of the Round, however it is typed']],
	flags: FORM_FLAGS,
	says: 'the exercises of a Round in any form',
	examples: [
		'tidy-sum round 910k-s5fa-f --form html -o round.html',
		'tidy-sum round 910k-s5fa-f --form qti -o set.zip',
	],
	run: async ([code = ''], flags) => {
		const made = setOfRound(code);
		return made.ok ? written(made.value, flags, '') : unread(made.fault.message);
	},
};
