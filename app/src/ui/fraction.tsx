import type { ReactNode } from 'react';
import { TARGET } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from './box';

type Props = {
	readonly top: ReactNode;
	readonly bottom: ReactNode;
	/** Both sides tall enough to be touched, so that bars in a row meet. */
	readonly tall?: boolean;
};

/** A true fraction: what is above, a bar as wide as the wider of the two, what is below. */
export function Fraction({ top, bottom, tall = false }: Props) {
	const styles = useStyles();
	return (
		<Box style={styles.fraction}>
			<Box style={[styles.side, styles.above, tall && styles.tall]}>{top}</Box>
			<Box style={[styles.side, tall && styles.tall]}>{bottom}</Box>
		</Box>
	);
}

const useStyles = makeStyles((palette) => ({
	fraction: { alignItems: 'stretch' },
	side: {
		flexDirection: 'row',
		alignItems: 'center',
		alignContent: 'center',
		justifyContent: 'center',
		flexWrap: 'wrap',
	},
	tall: { minHeight: TARGET + 4 },
	above: { borderBottomWidth: 2, borderBottomColor: palette.ink },
}));
