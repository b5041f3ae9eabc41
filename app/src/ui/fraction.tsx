import type { ReactNode } from 'react';
import { View } from 'react-native';
import { TARGET } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';

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
		<View style={styles.fraction}>
			<View style={[styles.side, tall && styles.tall]}>{top}</View>
			<View style={styles.bar} />
			<View style={[styles.side, tall && styles.tall]}>{bottom}</View>
		</View>
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
	tall: { minHeight: TARGET + 2 },
	bar: { height: 2, backgroundColor: palette.ink },
}));
