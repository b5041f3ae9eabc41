import { useRouter } from 'expo-router';
import { __iconData as Bring } from 'lucide-react-native/icons/file-plus';
import { __iconData as Class } from 'lucide-react-native/icons/users';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import * as words from './words';

/** The ways to a problem of your own, and to a class. */
export function ToBring() {
	const styles = useStyles();
	const router = useRouter();
	return (
		<Box style={styles.row}>
			<Button
				label={words.bringAProblem}
				say={words.ofYourOwnOrAWholeSheet}
				icon={Bring}
				onPress={() => router.navigate('/bring')}
				testID="to-bring"
			/>
			<Button
				label={words.aClass}
				say={words.joinOrTeach}
				kind="quiet"
				icon={Class}
				onPress={() => router.navigate('/class' as '/')}
				testID="to-class"
			/>
		</Box>
	);
}

const useStyles = makeStyles(() => ({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s } }));
