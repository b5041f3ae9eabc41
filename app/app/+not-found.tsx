import { NotHere } from '../src/places/not-here';
import * as words from '../src/places/titles';

export default function NotFoundRoute() {
	return <NotHere why={words.thereIsNoPageAtThisAddress} />;
}
