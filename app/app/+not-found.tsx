import { NotHere } from '../src/ui/not-here';

export default function NotFoundRoute() {
	return <NotHere why="There is nothing at this address." />;
}
