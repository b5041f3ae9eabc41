import { useLocalSearchParams } from 'expo-router';
import { pageAhead } from '../../src/places/page-ahead';
import * as words from '../../src/places/titles';
import { laterPage } from '../../src/store/later-page';

const BringScreen = laterPage(
	async () => (await import('../../src/bring/bring-pages')).BringScreen,
	pageAhead(words.oneMoment),
);

export default function BringRoute() {
	const { name } = useLocalSearchParams<{ name: string }>();
	return <BringScreen name={name} />;
}
