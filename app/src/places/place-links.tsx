import { useRouter } from 'expo-router';
import { memo } from 'react';
import { GAP, RAIL, TARGET } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { makeStyles } from '../theme/use-styles';
import { Box, Touch } from '../ui/box';
import { Icon } from '../ui/icon';
import { Words } from '../ui/words';
import { PLACES, type PlaceName } from './places';
import * as words from './words';

type Props = {
	/** The place one is in; null in none. */
	readonly here: PlaceName | null;
	/** One under another, at the edge of a wide screen; else side by side under the thumb. */
	readonly upright?: boolean;
};

/** The ways to the four places. */
export const PlaceLinks = memo(function PlaceLinks({ here, upright = false }: Props) {
	const styles = useStyles();
	const palette = usePalette();
	const router = useRouter();
	return (
		<Box
			role="navigation"
			aria-label={words.places}
			style={[styles.links, upright ? styles.rail : styles.bar]}
			testID="place-links"
			data-noprint
		>
			{PLACES.map(({ name, label, path, icon }) => (
				<Touch
					key={name}
					role="link"
					aria-current={name === here ? 'page' : undefined}
					onTouch={() => router.navigate(path as '/')}
					style={[styles.link, upright ? styles.railLink : styles.barLink, name === here && styles.here]}
					testID={`place-${name}`}
				>
					<Box aria-hidden>
						<Icon icon={icon} size={22} color={palette.pine} />
					</Box>
					<Words size="small" strong tone="pine">
						{label}
					</Words>
				</Touch>
			))}
		</Box>
	);
});

const useStyles = makeStyles((palette) => ({
	links: { backgroundColor: palette.panel, borderColor: palette.rule, gap: GAP.xs },
	bar: { flexDirection: 'row', flexWrap: 'wrap', borderTopWidth: 1, padding: GAP.xs },
	rail: { width: RAIL, borderRightWidth: 1, padding: GAP.xs, paddingTop: GAP.l },
	link: {
		minHeight: TARGET + 4,
		alignItems: 'center',
		justifyContent: 'center',
		gap: 2,
		borderBottomWidth: 3,
		borderBottomColor: 'transparent',
	},
	barLink: { flexGrow: 1, flexBasis: 64 },
	railLink: { minHeight: 64 },
	here: { backgroundColor: palette.pineWash, borderBottomColor: palette.pine },
}));
