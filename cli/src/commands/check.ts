import { workChain } from '@tidy-sum/core';
import { sayFigures } from '@tidy-sum/core/help';
import { readWorking, sayFailing } from '@tidy-sum/core/problem';
import { json, type PeopleCommand } from './command';
import * as words from './words';

/** A written working by itself: where it first fails, and how many figures its line allows. */
export const check: PeopleCommand = {
	name: 'check',
	takes: [['working', words.aWrittenLineSuchAsCmInCmIn]],
	flags: [['--json', words.theResultAsJson]],
	says: words.checkAWrittenWorkingIts,
	examples: [words.tidySumCheckCmInCmFtInFt],
	run: async ([text = ''], flags) => {
		const working = readWorking(text);
		const { start, factors, first } = working;
		const code = !start || !factors.length ? 2 : first ? 1 : 0;
		if (flags.json) return { text: json(working), code };
		const worked = start && factors.length ? workChain({ start, factors }) : null;
		const figures = start && worked?.ok ? sayFigures(worked.value, start) : '';
		return { text: [sayFailing(working), figures].filter(Boolean).join('\n'), code };
	},
};
