import { useLocalSearchParams } from 'expo-router';
import { pageAhead } from '../../src/places/page-ahead';
import { laterPage } from '../../src/store/later-page';

const BringScreen = laterPage(
	async () => (await import('../../src/bring/bring-pages')).BringScreen,
	pageAhead('One moment'),
);

export default function BringRoute() {
	const { name } = useLocalSearchParams<{ name: string }>();
	return <BringScreen name={name} />;
}
