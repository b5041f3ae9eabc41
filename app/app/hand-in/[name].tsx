import { useLocalSearchParams } from 'expo-router';
import { pageAhead } from '../../src/places/page-ahead';
import * as words from '../../src/places/titles';
import { laterPage } from '../../src/store/later-page';

const HandInScreen = laterPage(
	async () => (await import('../../src/hand-in/hand-in-screen')).HandInScreen,
	pageAhead(words.oneMoment),
);

export default function HandInRoute() {
	const { name } = useLocalSearchParams<{ name: string }>();
	return <HandInScreen name={name} />;
}
