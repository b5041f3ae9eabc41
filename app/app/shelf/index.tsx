import { later } from '../../src/ui/later';

const ShelfScreen = later(async () => (await import('../../src/shelf/shelf-screen')).ShelfScreen);

export default function ShelfRoute() {
	return <ShelfScreen />;
}
