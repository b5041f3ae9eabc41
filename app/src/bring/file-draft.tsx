import { SHEET_PROBLEMS_LIMIT } from '@tidy-sum/schema';
import type { Handed } from '@tidy-sum/schema/handed';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Words } from '../ui/words';
import { handedTitle } from '../work/handed';
import { ProblemRow } from './problem-row';
import { useRowStyles } from './rows';
import type { SetBrought } from './use-file';
import * as words from './words';

type Props = { readonly brought: SetBrought; readonly onLeave: () => void };

/** What is kept of a file: under its title, or the name of the file, as many problems as a sheet takes. */
export function keptOf({ handed, name }: SetBrought): Handed {
	const title = handedTitle({ ...handed, title: handed.title || name.replace(/\.[^.]*$/u, '') });
	return { ...handed, title: title.slice(0, 120), problems: handed.problems.slice(0, SHEET_PROBLEMS_LIMIT) };
}

/** How many rows are shown; what could not be read comes first. */
const SHOWN = 60;

/** A file of exercises before anything of it is kept: what came of each row, and what is left out and why. */
export function FileDraft({ brought, onLeave }: Props) {
	const styles = useRowStyles();
	const { read, handed, name } = brought;
	const left = read.rows.filter(({ taken }) => !taken);
	const { title, problems } = keptOf(brought);
	const noted = new Map(read.rows.filter(({ taken, says }) => taken && says !== '').map((row) => [row.name, row.says]));
	const count = problems.length;
	return (
		<Box style={styles.part} role="group" aria-label={words.theFile(name)} testID="file-draft">
			<Words strong role="status" aria-live="polite" testID="file-says">
				{words.readNothingIsSavedYet(title, count, left.length)}
			</Words>
			<Box style={styles.row}>
				<Button label={words.notNow} onPress={onLeave} testID="file-leave" />
			</Box>
			{left.length ? (
				<Box role="list" aria-label={words.leftOut} style={styles.rows}>
					{left.slice(0, SHOWN).map(({ where, says }) => (
						<Box key={where} role="listitem">
							<Words tone="look">
								{where}: {says}
							</Words>
						</Box>
					))}
					{left.length > SHOWN ? <Words size="small">{words.andMore(left.length - SHOWN)}</Words> : null}
				</Box>
			) : null}
			{handed.problems.length > count ? (
				<Words tone="look">{words.aSheetTakesProblemsThe(SHEET_PROBLEMS_LIMIT, handed.problems.length - count)}</Words>
			) : null}
			<Box role="list" aria-label={words.read} testID="file-rows">
				{problems.slice(0, SHOWN).map(({ label, text, told }, i) => (
					// biome-ignore lint/suspicious/noArrayIndexKey: rows of a file that was read once stay where they are
					<Box key={i} role="listitem" style={styles.item}>
						<Words strong size="small">
							{label ?? `${i + 1}`}
						</Words>
						<Box style={styles.words}>
							<ProblemRow text={text} told={told} />
							{noted.has(label ?? '') ? (
								<Words size="small" tone="look">
									{noted.get(label ?? '') ?? ''}
								</Words>
							) : null}
						</Box>
					</Box>
				))}
			</Box>
			{count > SHOWN ? <Words size="small">{words.andMore(count - SHOWN)}</Words> : null}
		</Box>
	);
}
