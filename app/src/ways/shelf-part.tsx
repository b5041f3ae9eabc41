import { NotHere } from '../places/not-here';
import { type PartLink, SHELF_PARTS } from './shelf-parts';
import * as words from './words';

/** The page of a part of the Shelf, by its name. */
export function ShelfPart({ name, link }: { readonly name: string; readonly link: PartLink }) {
	const part = SHELF_PARTS.find((one) => one.name === name);
	if (!part) return <NotHere why={words.theShelfHasNoPartCalled(name)} />;
	const { Screen, title, anewWith } = part;
	return <Screen key={`${name} ${anewWith ? link[anewWith] : ''}`} title={title} link={link} />;
}
