/** What a command says, and how it ends: 0 where all is well, 1 where what was asked about does not hold, 2 where it cannot be read. */
export type Said = {
	/** What it answers, for standard output. */
	readonly text: string;
	/** What is told beside it, for standard error. */
	readonly beside?: string;
	readonly code: 0 | 1 | 2;
};

/** A command for people: one object, one file. To add one: its file, and a row in `index.ts`. */
export type PeopleCommand = {
	readonly name: string;
	/** What it takes, as its help shows it, each with what it is. */
	readonly takes: readonly (readonly [name: string, says: string])[];
	readonly flags: readonly (readonly [name: string, says: string])[];
	readonly says: string;
	/** How it is used: a line that can be typed as it stands. */
	readonly examples: readonly string[];
	readonly run: (args: readonly string[], flags: Flags) => Promise<Said>;
};

/** What was given with a command, by the names of its flags. */
export type Flags = Readonly<Record<string, unknown>>;

/** The text of a flag; undefined where it was not given. */
export function textOf(flags: Flags, name: string): string | undefined {
	const given = flags[name];
	return typeof given === 'string' ? given : undefined;
}

/** What cannot be read, in a sentence. */
export function unread(message: string): Said {
	return { text: message, code: 2 };
}

/** A value as JSON for programs. */
export function json(value: unknown): string {
	return JSON.stringify(value, null, 2);
}
