import { useLocalSearchParams } from 'expo-router';
import { pageAhead } from '../../src/places/page-ahead';
import * as words from '../../src/places/titles';
import { laterPage } from '../../src/store/later-page';

const ClassScreen = laterPage<{ id: string }>(
	async () => (await import('../../src/class/class-pages')).ClassScreen,
	pageAhead(words.aClass),
);

export default function ClassRoute() {
	const { id } = useLocalSearchParams<{ id: string }>();
	return <ClassScreen id={id} />;
}
