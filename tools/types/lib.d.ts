declare module '*/lib/run.mjs' {
	/** Runs a command of an installed package; whether it went well, and what it said. */
	export function runBin(
		name: string,
		args: readonly string[],
		options: { readonly quiet?: boolean; readonly cwd?: string; readonly env?: Readonly<Record<string, string>> },
	): { readonly ok: boolean; readonly said: string };
}
declare module '*/lib/pages.mjs' {
	/** Lays every text that is worth it compressed beside itself. */
	export function compressed(folder: string): Promise<void>;
}
declare module '*/lib/parts.mjs' {
	type Module = { readonly id: number; readonly needs: readonly number[]; readonly code: string };
	export function modulesOf(script: string): readonly Module[];
	export function parted(
		shared: string,
		scripts: readonly (readonly [string, string])[],
		first: readonly { readonly name: string; readonly of: string }[],
	): {
		readonly files: readonly (readonly [string, string])[];
		readonly needs: Readonly<Record<string, readonly string[]>>;
	};
}
declare module '*/writing/prose.mjs' {
	export function proseIn(file: string, code: string): readonly { readonly line: number; readonly text: string }[];
	export function wordsIn(file: string, code: string): readonly string[];
}
declare module '*/writing/habits.mjs' {
	export function habitsIn(
		file: string,
		text: string,
	): readonly { readonly line: number; readonly name: string; readonly instead: string; readonly text: string }[];
}
declare module '*/writing/catalogue.mjs' {
	/** The words of every room, as docs/sentences.md has them. */
	export function wordsPage(): string;
}
