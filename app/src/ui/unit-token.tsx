import { memo } from 'react';
import { CORNER, GAP, TARGET } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Touch } from './box';
import { Words } from './words';

/** The state of a unit: it must still go, it is the wanted one, it is cancelled, or its block is still open. */
export type TokenState = 'must-go' | 'wanted' | 'cancelled';

type Props = {
	readonly symbol: string;
	readonly state: TokenState;
	/** The letter a cancelled pair shares. */
	readonly letter?: string;
	/** Told what was touched. */
	readonly onTouch: (unit: string) => void;
	/** What a touch is about: the unit without its label, or the block that struck it. */
	readonly about: string;
	readonly say: string;
	readonly on?: boolean;
	readonly testID?: string;
};

/** A unit you can touch to see what can be done with it. State has a shape as well as a colour. */
export const UnitToken = memo(function UnitToken({ symbol, about, state, letter, onTouch, say, on, testID }: Props) {
	const styles = useTokenStyles();
	return (
		<Touch
			aria-pressed={on}
			aria-label={`${symbol}${letter ? ` ${letter}` : ''}, ${say}`}
			onTouch={() => onTouch(about)}
			testID={testID}
			style={styles.target}
			data-tied={state === 'cancelled' ? true : undefined}
		>
			<Words
				size="title"
				tone={state === 'must-go' ? 'onApricot' : state === 'cancelled' ? 'soft' : 'ink'}
				style={[styles.token, styles[state], on && styles.on]}
			>
				{symbol}
			</Words>
			{letter ? (
				<Words size="small" tone="soft" style={styles.letter}>
					{` ${letter}`}
				</Words>
			) : null}
		</Touch>
	);
});

/** How a unit looks in each state. */
export const useTokenStyles = makeStyles((palette) => ({
	target: {
		minHeight: TARGET,
		minWidth: TARGET,
		flexDirection: 'row',
		justifyContent: 'center',
		alignItems: 'center',
	},
	token: {
		paddingHorizontal: 6,
		borderRadius: CORNER,
		borderWidth: 2,
		borderColor: 'transparent',
	},
	'must-go': { backgroundColor: palette.apricot, borderColor: palette.apricotEdge, borderStyle: 'solid' },
	wanted: { borderWidth: 0, borderBottomWidth: 3, borderRadius: 0, borderColor: palette.pine },
	cancelled: { textDecorationLine: 'line-through' },
	on: { borderColor: palette.ink },
	letter: { marginLeft: -8, marginTop: -GAP.s },
}));
