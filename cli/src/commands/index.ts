import type { PeopleCommand } from './command';

/** A command as the program knows it before it is needed: its name, and where the rest comes from. */
export type CommandRow = { readonly name: string; readonly load: () => Promise<PeopleCommand> };

/** The commands for people, in the order their help lists them. To add one is to add its file and a row. */
export const COMMANDS: readonly CommandRow[] = [
	{ name: 'convert', load: async () => (await import('./convert')).convert },
	{ name: 'check', load: async () => (await import('./check')).check },
	{ name: 'read', load: async () => (await import('./read')).read },
	{ name: 'round', load: async () => (await import('./round')).round },
	{ name: 'set', load: async () => (await import('./set')).set },
	{ name: 'mark', load: async () => (await import('./mark')).mark },
];
