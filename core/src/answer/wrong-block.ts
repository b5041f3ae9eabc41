import type { Chain, Factor } from '../chain/chain';
import { unitsOfChain } from '../chain/units-of-chain';
import { type WorkedChain, workChain } from '../chain/work-chain';
import type { Asking, Exercise } from '../exercise/exercise';
import { isStated } from '../exercise/is-stated';
import type { Judged, VerdictLine } from '../key/verdict';
import { bad, good, type Outcome, within } from '../numeral/fault';
import { LINE_SLIPS } from '../slip/line-slips';
import type { AnswerKind, Solution } from './answer-kind';
import { countText } from './count';

const BLOCK =
	/^\s*(?:the\s+)?(?:(?:factor|block|step|number|no\.?|#)\s*)?#?\s*(\d{1,3})(?:st|nd|rd|th)?\s*(?:factor|block|step|one)?\.?\s*$/iu;

declare module '../exercise/exercise' {
	interface Wants {
		/** A line someone wrote; the answer is which of its blocks is wrong. */
		readonly slip: { readonly slip: Chain };
	}
}

const NOT_ASKED: VerdictLine = {
	verdict: 'not-asked',
	why: 'You are asked which factor is wrong, so this is not checked.',
};

function withFactor(chain: Chain, at: number, factor: Factor): Chain {
	return { ...chain, factors: chain.factors.map((one, i) => (i === at ? factor : one)) };
}

/** What would mend a block that holds and is laid wrongly, by each slip that lays one so; the block stays. */
const MENDS: readonly ((factor: Factor) => readonly Factor[])[] = LINE_SLIPS.flatMap(({ mend }) =>
	mend ? [(factor: Factor) => mend(factor).flatMap((by) => (by.length === 1 ? by : []))] : [],
);

/** Which block of a line is wrong: one whose sides are not equal, else the one that mended closes the line; null for none. */
function wrongAt(chain: Chain, worked: WorkedChain, exercise: Exercise): number | null {
	const unequal = worked.factors.findIndex(({ equal }, i) => {
		const read = worked.read.factors[i];
		return equal === false || (equal === 'stated' && exercise.facts.length > 0 && !!read && !isStated(read, exercise));
	});
	if (unequal >= 0) return unequal;
	if (worked.reached !== false) return null;
	for (const mend of MENDS)
		for (const [i, factor] of chain.factors.entries())
			for (const one of mend(factor)) {
				const mended = workChain(withFactor(chain, i, one));
				if (mended.ok && mended.value.reached) return i;
			}
	return null;
}

/** Judges which block of a line is said to be wrong: "factor 2", counted from 1. */
function judgeWrongBlock(exercise: Asking<'slip'>, text: string): Outcome<Judged> {
	const chain = exercise.want.slip;
	const worked = workChain(chain);
	if (!worked.ok) return { ok: false, fault: within(worked.fault, 'exercise.want.slip') };
	const wrong = wrongAt(chain, worked.value, exercise);
	if (wrong === null) return bad('no-key', 'No factor of this line is wrong.');
	const lines = { figures: NOT_ASKED, unit: NOT_ASKED };
	const match = BLOCK.exec(text);
	if (!match) {
		const why = text.trim() === '' ? 'Choose a factor first.' : 'Name the factor by its number, such as factor 2.';
		return good({ lines: { ...lines, value: { verdict: 'absent', why, at: [0, text.length] } } });
	}
	const value: VerdictLine =
		Number(match[1]) === wrong + 1
			? { verdict: 'right', why: `Yes, factor ${wrong + 1} is wrong.` }
			: {
					verdict: 'wrong',
					why: 'That factor is right. Look at both sides of each factor, and at what it cancels.',
					at: [0, text.length],
				};
	return good({ lines: { ...lines, value } });
}

function solveWrongBlock(exercise: Asking<'slip'>): Outcome<Solution> {
	const chain = exercise.want.slip;
	const worked = workChain(chain);
	const wrong = worked.ok ? wrongAt(chain, worked.value, exercise) : null;
	return wrong === null
		? bad('no-key', 'No factor of this line is wrong.')
		: good({ chain: null, answer: `factor ${wrong + 1}` });
}

/** An answer that names a block: which one of a line that someone wrote is wrong. */
export const wrongBlock: AnswerKind<'slip'> = {
	field: 'slip',
	judge: judgeWrongBlock,
	solve: solveWrongBlock,
	keyText: (_, solved) => countText(solved),
	goal: () => null,
	units: ({ slip }) => unitsOfChain(slip),
	countedIn: () => [],
	line: () => 'none',
	adding: 'nothing',
	lacks: () => null,
	says: () => 'the factor that is wrong',
	form: () => null,
	nudges: [
		'Check the factors one at a time. Are top and bottom equal?',
		'If all are equal, follow the units. Which one is twice on the same side and does not cancel?',
		'For an area or a volume, square or cube the whole factor.',
	],
	nudgesAtEnd: null,
	nudgesOnForm: () => null,
	answering: ({ want }) => ({ by: 'choosing', line: want.slip }),
};
