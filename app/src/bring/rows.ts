import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';

/** How the rows of what is looked over before it is kept are laid out: what each is listed by, and its words. */
export const useRowStyles = makeStyles((palette) => ({
	part: { gap: GAP.s },
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	rows: { gap: GAP.xs },
	item: {
		flexDirection: 'row',
		gap: GAP.m,
		paddingVertical: GAP.s,
		borderBottomWidth: 1,
		borderBottomColor: palette.rule,
	},
	middle: { alignItems: 'center' },
	label: { minWidth: 20 },
	words: { flex: 1, gap: 2 },
}));
