import { handedLink, handedText, LINK_LIMIT } from '@tidy-sum/exchange/handed-link';
import { useState } from 'react';
import { useAppSelector } from '../store/store';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { copied } from '../ui/copied';
import { Words } from '../ui/words';
import { handedOf, handedTitle } from '../work/handed';

/** Gives the browser a text to save as a file. */
function saveFile(text: string, name: string): void {
	const url = URL.createObjectURL(new Blob([text], { type: 'application/json' }));
	const link = globalThis.document.createElement('a');
	link.href = url;
	link.download = name;
	link.click();
	URL.revokeObjectURL(url);
}

function fileName(title: string): string {
	const plain = title
		.toLowerCase()
		.replace(/[^a-z0-9]+/g, '-')
		.replace(/^-+|-+$/g, '');
	return `${plain || 'problems'}.json`;
}

/** Hands problems on, as a link that holds them all; as a file where that would be too long. Nothing worked goes along. */
export function HandOn({ name }: { readonly name: string }) {
	const styles = useStyles();
	const works = useAppSelector((state) => state.works);
	const [said, setSaid] = useState('');
	const [link, setLink] = useState('');
	const share = async () => {
		const made = `${globalThis.location.origin}/bring#p=${handedLink(handedOf(works, name))}`;
		if (made.length > LINK_LIMIT) {
			setLink('');
			setSaid(
				`For a link this is too long (${made.length} characters, ${LINK_LIMIT} at most). Save it as a file and send that.`,
			);
			return;
		}
		setLink(made);
		setSaid(
			(await copied(made))
				? 'The link is copied. Whoever opens it has the same problems, and nothing of your work.'
				: 'This is the link; mark it and copy it.',
		);
	};
	const save = () => {
		const handed = handedOf(works, name);
		saveFile(handedText(handed), fileName(handedTitle(handed)));
		setLink('');
		setSaid('The file is saved. It is opened again under “Bring a problem”, with “A text file”.');
	};
	return (
		<Box style={styles.part} role="group" aria-label="Hand these problems on">
			<Box style={styles.row}>
				<Button label="Copy a link" say="that holds these problems" onPress={() => void share()} testID="hand-on" />
				<Button label="Save as a file" say="to send" onPress={save} testID="hand-on-file" />
			</Box>
			<Words size="small" role="status" aria-live="polite" testID="hand-on-says">
				{said}
			</Words>
			{link ? (
				<Words mono size="small" style={styles.link} testID="hand-on-link">
					{link}
				</Words>
			) : null}
		</Box>
	);
}

const useStyles = makeStyles(() => ({
	part: { gap: GAP.s },
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	link: { ...({ overflowWrap: 'anywhere', userSelect: 'all' } as object) },
}));
