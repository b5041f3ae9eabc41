import { type LaneColumn, listed, printQuantity, sayAside, shownColumn } from '@tidy-sum/core';
import { useReused } from '../quick/use-reused';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Words } from '../ui/words';
import type { DeskView } from '../work/desk-view';
import { Group, KINDS, LaneNames, ToAdd } from './lanes';
import * as words from './words';

type Props = {
	readonly view: DeskView;
	readonly touched: string | null;
	readonly onUnit: (unit: string) => void;
	/** Only what it says, where the numbers need the room. */
	readonly brief?: boolean;
};

/**
 * Our balance: two lanes, top and bottom. The wanted units are sockets, what stands are tokens, and a pair
 * that cancels is tied together and fades. When every socket is filled and nothing else stands, the line
 * closes.
 */
export function Balance({ view, touched, onUnit, brief = false }: Props) {
	const styles = useStyles();
	const isSilent = view.support === 'none' && !view.verdict;
	const closed = view.closed && !isSilent;
	const empty = !view.started;
	const columns = useReused(view.columns.map(shownColumn));
	const ofKind = useReused(KINDS.map((kind) => columns.filter((column) => column.kind === kind)));
	return (
		<Box style={[styles.balance, closed && styles.closed]} role="group" aria-label={words.theBalanceTheUnitsLeftOn}>
			{brief || empty ? null : (
				<Box style={styles.groups} tabIndex={-1}>
					<LaneNames />
					{KINDS.map((kind, i) => (
						<Group key={kind} kind={kind} columns={ofKind[i] ?? []} touched={touched} onUnit={onUnit} />
					))}
					<ToAdd parts={view.toAdd} onUnit={onUnit} />
				</Box>
			)}
			<Words
				size="small"
				tone={closed ? 'pine' : 'soft'}
				strong={closed}
				role="status"
				aria-live="polite"
				testID="balance-says"
			>
				{empty ? words.theLineIsEmpty : isSilent ? '' : sayBalance(view)}
			</Words>
		</Box>
	);
}

/** "2 units must go, 1 unit is missing." */
function sayMoves(go: number, missing: number): string {
	const says = [go ? words.mustGo(go) : '', missing ? words.missing(missing) : ''].filter(Boolean);
	return says.length ? `${says.join(', ')}.` : '';
}

/** How the line stands, in a sentence or two: whether it closes, what must go and come, what is set aside and left. */
function sayBalance({ closed, lacks, toAdd, columns, worked, shown }: DeskView): string {
	const aside = sayAside(shown);
	if (closed) {
		if (worked.parts > 1) return words.theLineIsCompleteItsParts(worked.parts, worked.unit.text);
		return words.theLineIsCompleteOnlyIs(worked.unit.text, aside);
	}
	if (lacks) return `${lacks}${aside}`;
	const count = (kinds: readonly LaneColumn['kind'][], filled: boolean) =>
		columns
			.filter((column) => kinds.includes(column.kind))
			.flatMap(({ top, bottom }) => [top, bottom])
			.filter((cell) => cell && ((cell.piece ?? cell.kept ?? null) !== null) === filled).length;
	const shares = count(['to-share'], true);
	const add = toAdd.length ? words.stillToAdd(listed(toAdd.map(printQuantity))) : '';
	if (shares) return words.setAsideTheWholeOnesThat(aside, add);
	const go = count(['must-go'], true);
	const come = count(['wanted'], false);
	// Where the units are right and a part is still to add, there is nothing to go or to come.
	const moves = go || come || !add ? ` ${sayMoves(go, come)}` : '';
	return `${moves}${aside}${add}`.trim();
}

const useStyles = makeStyles((palette) => ({
	balance: {
		borderTopWidth: 2,
		borderTopColor: palette.rule,
		paddingVertical: GAP.s,
		paddingHorizontal: GAP.l,
		gap: GAP.xs,
	},
	closed: { borderTopColor: palette.pine },
	groups: {
		flexDirection: 'row',
		gap: GAP.l,
		alignItems: 'flex-end',
		// Lanes longer than the screen are wide, and move sideways under the thumb.
		...({ overflowX: 'auto', scrollbarWidth: 'none' } as object),
	},
}));
