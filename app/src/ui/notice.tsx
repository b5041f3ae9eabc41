import { Words } from './words';

type Props = { readonly children: string; readonly testID?: string };

/** Something to look at, said in a sentence where it is, and aloud. */
export function Notice({ children, testID }: Props) {
	return (
		<Words tone="look" role="status" aria-live="polite" {...(testID ? { testID } : {})}>
			{children}
		</Words>
	);
}
