import { useRouter } from 'expo-router';
import { __iconData as Bring } from 'lucide-react-native/icons/file-plus';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import * as words from './words';

/** The way to a problem of your own. */
export function ToBring() {
	const router = useRouter();
	return (
		<Box style={{ flexDirection: 'row' }}>
			<Button
				label={words.bringAProblem}
				say={words.ofYourOwnOrAWholeSheet}
				icon={Bring}
				onPress={() => router.navigate('/bring')}
				testID="to-bring"
			/>
		</Box>
	);
}
