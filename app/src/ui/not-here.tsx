import { useRouter } from 'expo-router';
import Desk from 'lucide-react-native/icons/arrow-left';
import { Button } from './button';
import { Page } from './page';
import { Words } from './words';

/** Where one can go on from an address at which there is nothing. */
const WAYS = [
	{ label: 'Desk', say: 'where exercises are worked', path: '/', name: 'to-desk', icon: Desk },
	{ label: 'Rounds', say: 'of fresh exercises', path: '/rounds', name: 'to-rounds' },
	{ label: 'Shelf', say: 'to look things up', path: '/shelf', name: 'to-shelf' },
] as const;

function Ways() {
	const router = useRouter();
	return WAYS.map(({ path, name, ...way }) => (
		<Button key={name} {...way} onPress={() => router.navigate(path)} testID={name} />
	));
}

/** An address at which there is nothing: why, and where to go on. */
export function NotHere({ why }: { readonly why: string }) {
	return (
		<Page title="Not here" testID="not-here" tools={<Ways />}>
			<Words role="status" aria-live="polite">
				{why}
			</Words>
			<Words>Look at the address once more: a letter may be missing. What you have worked is all still there.</Words>
		</Page>
	);
}

/** What is on its way, said. */
export function Coming({ says }: { readonly says: string }) {
	return (
		<Page title="One moment" testID="coming" tools={<Ways />}>
			<Words role="status" aria-live="polite">
				{says}
			</Words>
		</Page>
	);
}
