import { pageAhead } from '../../src/places/page-ahead';
import * as words from '../../src/places/titles';
import { laterPage } from '../../src/store/later-page';

export default laterPage(
	async () => (await import('../../src/class/class-pages')).ClassesScreen,
	pageAhead(words.classes),
);
