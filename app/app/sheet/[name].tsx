import { useLocalSearchParams } from 'expo-router';
import { pageAhead } from '../../src/places/page-ahead';
import * as words from '../../src/places/titles';
import { laterPage } from '../../src/store/later-page';

const SheetScreen = laterPage(
	async () => (await import('../../src/bring/bring-pages')).SheetScreen,
	pageAhead(words.oneMoment),
);

export default function SheetRoute() {
	const { name } = useLocalSearchParams<{ name: string }>();
	return <SheetScreen name={name} />;
}
