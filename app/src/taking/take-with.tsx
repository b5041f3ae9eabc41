import { __iconData as Take } from 'lucide-react-native/icons/download';
import { useState } from 'react';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { saveFile } from '../ui/save-file';
import { Words } from '../ui/words';
import type { TakeForm } from './take-form';
import * as words from './words';

type Props = {
	/** The forms that fit what stands on the page. */
	readonly forms: readonly TakeForm[];
};

/** What stands on a page, to be taken along as a file: one button, and under it the forms that fit. */
export function TakeWith({ forms }: Props) {
	const styles = useStyles();
	const [open, setOpen] = useState(false);
	const [said, setSaid] = useState<readonly string[]>([]);
	const take = async (form: TakeForm) => {
		setSaid([words.oneMoment]);
		const made = await form.make().catch(() => null);
		if (made === null) setSaid([words.thisDidNotWorkPleaseTry]);
		else if (typeof made === 'string') setSaid([made]);
		else {
			saveFile(made.content, made.name, made.type);
			setSaid([words.savedAs(made.name), ...made.says]);
		}
	};
	return (
		<Box style={styles.part} role="group" aria-label={words.saveACopy} data-noprint>
			<Box style={styles.row}>
				<Button label={words.saveACopy} icon={Take} on={open} onPress={() => setOpen(!open)} testID="take" />
			</Box>
			{open ? (
				<Box role="list" style={styles.forms} testID="take-forms">
					{forms.map((form) => (
						<Box key={form.name} role="listitem" style={styles.form}>
							<Button label={form.label} onPress={() => void take(form)} testID={`take-${form.name}`} />
							<Words size="small" tone="soft" style={styles.says}>
								{form.says}
							</Words>
						</Box>
					))}
				</Box>
			) : null}
			<Box role="status" aria-live="polite" testID="take-says">
				{open
					? said.map((sentence) => (
							<Words key={sentence} size="small">
								{sentence}
							</Words>
						))
					: null}
			</Box>
		</Box>
	);
}

const useStyles = makeStyles(() => ({
	part: { gap: GAP.s },
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	forms: { gap: GAP.s },
	form: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: GAP.s },
	says: { flexShrink: 1 },
}));
