import { Command } from 'commander';
import { COMMANDS } from './commands';
import type { PeopleCommand } from './commands/command';
import * as words from './words';

function withExamples({ examples }: PeopleCommand): string {
	return words.forExample(examples.map((example) => `  ${example}`).join('\n'));
}

/** How a command ends, for scripts. */
const ENDS = words.exitCodeWhenAllIsWellWhen;

/** The commands that are needed: the one that is asked for by name, else all of them, for their help. */
function needed(asked: string | undefined): Promise<readonly PeopleCommand[]> {
	const named = COMMANDS.filter(({ name }) => name === asked);
	return Promise.all((named.length ? named : COMMANDS).map(({ load }) => load()));
}

/** The program for people, with a command for each row; `ask` is told of, and answered elsewhere. */
function program(commands: readonly PeopleCommand[]): Command {
	const all = new Command('tidy-sum')
		.description(words.theCoreOfTidySumWithoutA)
		.showHelpAfterError(words.runTidySumHelpForAList)
		.addHelpText('after', `\n${ENDS}\n`)
		.exitOverride();
	all.command('ask').description(words.readsRequestsFromStandard);
	for (const command of commands) {
		const one = all.command(command.name).description(command.says).addHelpText('after', withExamples(command));
		for (const [name, says] of command.takes) one.argument(`<${name}>`, says);
		for (const [name, says] of command.flags) one.option(name, says);
		one.action(async (...given: unknown[]) => {
			const args = given.slice(0, command.takes.length).map(String);
			const said = await command.run(args, one.opts());
			if (said.text) process[said.code === 2 ? 'stderr' : 'stdout'].write(`${said.text}\n`);
			if (said.beside) process.stderr.write(`${said.beside}\n`);
			process.exitCode = said.code;
		});
	}
	return all;
}

/** Runs the command a person typed; what cannot be understood ends with 2 and a sentence. */
export async function people(argv: readonly string[]): Promise<void> {
	try {
		await program(await needed(argv[0])).parseAsync([...argv], { from: 'user' });
	} catch (error) {
		// The help that was asked for ends well; all else has been said already.
		const { exitCode = 2 } = error as { exitCode?: number };
		process.exitCode = exitCode === 0 ? 0 : 2;
	}
}
