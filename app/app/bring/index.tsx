import { pageAhead } from '../../src/places/page-ahead';
import { laterPage } from '../../src/store/later-page';

export default laterPage(
	async () => (await import('../../src/bring/bring-pages')).BringScreen,
	pageAhead('Bring a problem'),
);
