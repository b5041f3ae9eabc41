import type { Chain, Factor } from '../chain/chain';
import type { WorkedChain } from '../chain/work-chain';
import type { Asking, Exercise, WantField, Wants } from '../exercise/exercise';
import { workedIn } from '../exercise/worked-in';
import type { OwnLine } from '../key/own-key';
import type { Judged } from '../key/verdict';
import type { Fault, Outcome } from '../numeral/fault';
import type { Answer } from '../read/read-answer';

/** How an exercise may be worked: the line (null where none is worked), and a whole answer that the check finds right. */
export type Solution = { readonly chain: Chain | null; readonly answer: string };

/** Whether a line of factors belongs to an answer: it may be left out, or there is none. */
export type LineNeed = 'may-lack' | 'none';

/** What steps that add are there for on its line: a temperature or a sum, wholes set aside, or nothing at all. */
export type Adding = 'as-the-key' | 'wholes-aside' | 'nothing';

/** An answer that is typed, with our own keys or the device's. */
export type Typing = {
	readonly by: 'typing';
	readonly label: string;
	readonly placeholder: string;
	/** How one is written, in a sentence. */
	readonly example: string;
	/** Units for the keys, beside those met on the line; and further keys. */
	readonly units: readonly string[];
	readonly keys: readonly string[];
	/** Whether it is one quantity: read back with its figures, and written in another form at a touch. */
	readonly quantity: boolean;
	/** What is typed, read as the check reads it, to be read back in print; null where it is not. */
	readonly reads: ((text: string) => Outcome<readonly Answer[]>) | null;
	/** What stands between the parts that are read back. */
	readonly joins: string;
	/** What is wrong with how it is written; null where it can be judged. */
	readonly fault: (text: string) => Fault | null;
};

/** An answer that is a block on the line. */
export type Placing = { readonly by: 'placing'; readonly written: (factor: Factor) => string };

/** An answer that is a choice among the blocks of a line someone wrote. */
export type Choosing = { readonly by: 'choosing'; readonly line: Chain };

/** How an answer is given on the screen, as data. */
export type Answering = Typing | Placing | Choosing;

/**
 * A kind of answer: one object, one file. Everything that differs from kind to kind stands here, so that nothing
 * outside asks which kind it is. To add one: its file, a row in `answer-kinds.ts`, a row in the schema of `want`.
 */
export type AnswerKind<K extends WantField> = {
	/** The field of `want` by which it is known. */
	readonly field: K;
	/** Judges an answer as it is typed; a line of the student's own that holds decides what is right (contract, "check"). */
	readonly judge: (exercise: Asking<K>, text: string, own?: OwnLine) => Outcome<Judged>;
	/** The worked solution. */
	readonly solve: (exercise: Asking<K>) => Outcome<Solution>;
	/** The exact value of the key as text, "n/d", by its solution. */
	readonly keyText: (exercise: Asking<K>, solved: Solution) => Outcome<string>;
	/** The unit its line ends at; null where it is worked on no line. */
	readonly goal: (want: Wants[K]) => string | null;
	/** The units that stand in what is wanted. */
	readonly units: (want: Wants[K]) => readonly string[];
	/** The counted things an answer as typed names. */
	readonly countedIn: (text: string, want: Wants[K]) => readonly string[];
	readonly line: (exercise: Asking<K>) => LineNeed;
	readonly adding: Adding;
	/** What a line still lacks whose units are as wanted, in a sentence; null where it closes. */
	readonly lacks: (exercise: Asking<K>, chain: Chain, worked: WorkedChain) => string | null;
	/** What is asked for, in words, but for its form; `unit` is the one wanted as far as the student has said it. */
	readonly says: (exercise: Asking<K>, unit: string | null) => string;
	/** The form its number is asked for in, in words; null where any will do. */
	readonly form: (want: Wants[K]) => string | null;
	/** What is told to one who is stuck, where it is worked on no line. */
	readonly nudges: readonly string[] | null;
	/** What is told where the line is done and the answer is still to be put together; null where it is as for any line. */
	readonly nudgesAtEnd: readonly string[] | null;
	/** What is told where the unit is right as it stands and the number is only to be written another way. */
	readonly nudgesOnForm: (want: Wants[K]) => readonly string[] | null;
	readonly answering: (exercise: Asking<K>) => Answering;
};

function isAsking<K extends WantField>(exercise: Exercise, field: K): exercise is Asking<K> {
	return field in exercise.want;
}

/** A kind with an exercise of it in hand: what can be asked without knowing which kind it is. */
class AskedKind<K extends WantField> {
	constructor(
		private readonly kind: AnswerKind<K>,
		/** The exercise as it is worked and judged. */
		readonly exercise: Asking<K>,
	) {}

	judge(text: string, own?: OwnLine): Outcome<Judged> {
		return this.kind.judge(this.exercise, text, own);
	}

	solve(): Outcome<Solution> {
		return this.kind.solve(this.exercise);
	}

	keyText(solved: Solution): Outcome<string> {
		return this.kind.keyText(this.exercise, solved);
	}

	countedIn(text: string): readonly string[] {
		return this.kind.countedIn(text, this.exercise.want);
	}

	says(unit: string | null): string {
		return this.kind.says(this.exercise, unit);
	}

	get goal(): string | null {
		return this.kind.goal(this.exercise.want);
	}

	get units(): readonly string[] {
		return this.kind.units(this.exercise.want);
	}

	get line(): LineNeed {
		return this.kind.line(this.exercise);
	}

	get adding(): Adding {
		return this.kind.adding;
	}

	lacks(chain: Chain, worked: WorkedChain): string | null {
		return this.kind.lacks(this.exercise, chain, worked);
	}

	get form(): string | null {
		return this.kind.form(this.exercise.want);
	}

	get nudges(): readonly string[] | null {
		return this.kind.nudges;
	}

	get nudgesAtEnd(): readonly string[] | null {
		return this.kind.nudgesAtEnd;
	}

	get nudgesOnForm(): readonly string[] | null {
		return this.kind.nudgesOnForm(this.exercise.want);
	}

	get answering(): Answering {
		return this.kind.answering(this.exercise);
	}
}

/** A kind with an exercise in hand, whichever kind it is. */
export type Asked = Omit<AskedKind<WantField>, 'kind' | 'exercise'> & { readonly exercise: Exercise };

/** A kind with an exercise in hand; null where the exercise asks for another kind of answer. */
export function askedOf<K extends WantField>(kind: AnswerKind<K>, exercise: Exercise): Asked | null {
	if (!isAsking(exercise, kind.field)) return null;
	const { want } = exercise;
	// What is wanted in several units is rounded in each of them by itself.
	const isOne = kind.adding === 'wholes-aside' || kind.units(want).length === 1;
	return new AskedKind(kind, workedIn(exercise, isOne ? kind.goal(want) : null));
}
