import { NotHere } from '../src/places/not-here';

export default function NotFoundRoute() {
	return <NotHere why="There is nothing at this address." />;
}
