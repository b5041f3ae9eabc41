import { COLUMN, GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from './box';
import { Button } from './button';
import { Words } from './words';

type Choice<T extends string> = { readonly value: T; readonly label: string; readonly say?: string };

type Props<T extends string> = {
	readonly label: string;
	readonly choices: readonly Choice<T>[];
	readonly chosen: T | null;
	/** In as many rows as they need, in one that moves sideways, or one under another. */
	readonly layout?: 'rows' | 'row' | 'column';
	readonly onChoose: (value: T) => void;
	readonly testID: string;
};

/** A few choices of which one holds, side by side under what they are about. */
export function Choices<T extends string>({ label, choices, chosen, layout = 'rows', onChoose, testID }: Props<T>) {
	const styles = useStyles();
	return (
		<Box role="group" aria-label={label} style={styles.group}>
			<Words size="small" tone="soft" aria-hidden>
				{label}
			</Words>
			<Box style={[styles.row, layout === 'row' && styles.inARow, layout === 'column' && styles.inAColumn]}>
				{choices.map(({ value, label: text, say }) => (
					<Button
						key={value}
						label={text}
						{...(say ? { say } : {})}
						kind={layout === 'column' ? 'upright' : 'choice'}
						on={chosen === value}
						onPress={() => onChoose(value)}
						testID={`${testID}-${value}`}
					/>
				))}
			</Box>
		</Box>
	);
}

const useStyles = makeStyles(() => ({
	group: { gap: GAP.xs },
	inAColumn: { flexDirection: 'column', flexWrap: 'nowrap' },
	inARow: { flexWrap: 'nowrap', ...({ overflowX: 'auto', scrollbarWidth: 'none' } as object) },
	row: { flexDirection: 'row', flexWrap: 'wrap', rowGap: GAP.xs, maxWidth: COLUMN },
}));
