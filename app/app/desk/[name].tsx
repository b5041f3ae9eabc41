import { BOOK } from '@tidy-sum/core';
import { useLocalSearchParams } from 'expo-router';
import { DeskAhead } from '../../src/desk/desk-ahead';
import { laterPage } from '../../src/store/later-page';

const DeskScreen = laterPage<{ name: string; block: string | null }>(
	async () => (await import('../../src/desk/desk-screen')).DeskScreen,
	DeskAhead,
);

/** The exercises of the book, whose pages are drawn ahead. */
export function generateStaticParams() {
	return BOOK.map(({ name }) => ({ name }));
}

export default function DeskRoute() {
	const { name, block } = useLocalSearchParams<{ name: string; block?: string }>();
	return <DeskScreen name={name} block={block ?? null} />;
}
