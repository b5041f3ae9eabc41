import { factTable, TABLE_NAMES, type TableName } from '@tidy-sum/core';
import type { Step } from '@tidy-sum/schema';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Words } from '../ui/words';
import * as words from './words';

type Props = {
	readonly allowed: readonly TableName[];
	readonly onShelf: (step: Step) => void;
};

/** The class list: which tables count as known. The Desk, its nudges and its routes keep to them. */
export function TablesInUse({ allowed, onShelf }: Props) {
	const styles = useStyles();
	return (
		<Box role="group" aria-label={words.tablesYourClassUses} style={styles.group}>
			<Words size="small" tone="soft" aria-hidden>
				{words.tablesYourClassUses}
			</Words>
			<Box style={styles.row}>
				{TABLE_NAMES.map((table) => {
					const on = allowed.includes(table);
					return (
						<Button
							key={table}
							label={factTable(table).title}
							on={on}
							onPress={() => onShelf({ do: 'allow', table, allowed: !on })}
							testID={`table-${table}`}
						/>
					);
				})}
			</Box>
		</Box>
	);
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	group: { gap: GAP.xs },
}));
