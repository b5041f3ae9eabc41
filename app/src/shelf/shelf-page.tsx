import { useRouter } from 'expo-router';
import { __iconData as Desk } from 'lucide-react-native/icons/arrow-left';
import { __iconData as Shelf } from 'lucide-react-native/icons/library';
import { __iconData as LinkIcon } from 'lucide-react-native/icons/link';
import { memo, type ReactNode, useCallback, useRef, useState } from 'react';
import { useLastDesk } from '../store/use-last-desk';
import { Button } from '../ui/button';
import { copied } from '../ui/copied';
import { Page } from '../ui/page';
import { Words } from '../ui/words';
import * as words from './words';

type Props = {
	readonly title: string;
	/** The name of the part. */
	readonly part: string;
	/** The address that opens the part as it stands. */
	readonly address: string;
	readonly children: ReactNode;
	readonly beside?: ReactNode | undefined;
};

/** The ways from a part of the Shelf, under the thumb. */
const ShelfTools = memo(function ShelfTools({ onCopy }: { readonly onCopy: () => Promise<void> }) {
	const router = useRouter();
	const desk = useLastDesk();
	return (
		<>
			<Button label={words.desk} icon={Desk} onPress={() => router.navigate(desk)} testID="to-desk" />
			<Button
				label={words.shelf}
				say={words.withAllItsParts}
				icon={Shelf}
				onPress={() => router.navigate('/shelf')}
				testID="to-shelf"
			/>
			<Button label={words.copyLink} icon={LinkIcon} onPress={() => void onCopy()} testID="copy-link" />
		</>
	);
});

/** A part of the Shelf as a page of its own: the way to the Desk and to the other parts, and its link to copy. */
export function ShelfPage({ title, part, address, children, beside }: Props) {
	const [link, setLink] = useState('');
	const now = useRef(address);
	now.current = address;
	const onCopy = useCallback(async () => {
		const whole = `${globalThis.location?.origin ?? ''}${now.current}`;
		setLink((await copied(whole)) ? words.theLinkIsCopied : words.theLink(whole));
	}, []);
	return (
		<Page title={title} testID={part} beside={beside} tools={<ShelfTools onCopy={onCopy} />}>
			{children}
			{link ? (
				<Words size="small" tone="soft" role="status" aria-live="polite" testID="link-says">
					{link}
				</Words>
			) : null}
		</Page>
	);
}
