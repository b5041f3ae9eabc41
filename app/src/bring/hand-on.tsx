import { fileName } from '@tidy-sum/exchange/form-rows';
import { handedLink, handedText, LINK_LIMIT } from '@tidy-sum/exchange/handed-link';
import { useMemo, useState } from 'react';
import { useAppSelector } from '../store/store';
import { problemForms, type TakeForm } from '../taking/take-form';
import { TakeWith } from '../taking/take-with';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { copied } from '../ui/copied';
import { Words } from '../ui/words';
import { handedOf, handedTitle } from '../work/handed';
import { isBegun, workNamed } from '../work/how-far';
import { isSheet } from '../work/sheet';
import type { WorksState } from '../work/works-reducer';

/** Problems as they stand, whether they say what is wanted or not yet: for this app, on another device. */
function asTheyStand(works: WorksState, name: string): TakeForm {
	return {
		name: 'problems',
		label: 'For this app',
		says: 'the problems as they stand; opened again under “Bring a problem”',
		make: async () => {
			const handed = handedOf(works, name);
			return {
				content: handedText(handed),
				name: fileName(handedTitle(handed), 'json'),
				type: 'application/json',
				says: [],
			};
		},
	};
}

/** Hands problems on, as a link that holds them all, or as a file in any form. What was worked goes along only where that is asked for. */
export function HandOn({ name }: { readonly name: string }) {
	const styles = useStyles();
	const works = useAppSelector((state) => state.works);
	const [said, setSaid] = useState('');
	const [link, setLink] = useState('');
	const forms = useMemo(() => [asTheyStand(works, name), ...problemForms(() => handedOf(works, name))], [works, name]);
	const isWorked = !isSheet(name) && isBegun(name, workNamed(works, name));
	const share = async (withWork: boolean) => {
		const made = `${globalThis.location.origin}/bring#p=${handedLink(handedOf(works, name, withWork))}`;
		if (made.length > LINK_LIMIT) {
			setLink('');
			setSaid(
				`For a link this is too long (${made.length} characters, ${LINK_LIMIT} at most). Take it with you as a file, and send that.`,
			);
			return;
		}
		setLink(made);
		setSaid(
			(await copied(made))
				? withWork
					? 'The link is copied. Whoever opens it has the problem, and sees step by step how you worked it.'
					: 'The link is copied. Whoever opens it has the same problems, and nothing of your work.'
				: 'This is the link; mark it and copy it.',
		);
	};
	return (
		<Box style={styles.part}>
			<Box style={styles.row} role="group" aria-label="Hand these problems on">
				<Button
					label="Copy a link"
					say="that holds these problems"
					onPress={() => void share(false)}
					testID="hand-on"
				/>
				{isWorked ? (
					<Button
						label="Copy a link with my working"
						say="that also holds each step you did"
						onPress={() => void share(true)}
						testID="hand-on-worked"
					/>
				) : null}
			</Box>
			<Words size="small" role="status" aria-live="polite" testID="hand-on-says">
				{said}
			</Words>
			{link ? (
				<Words mono size="small" style={styles.link} testID="hand-on-link">
					{link}
				</Words>
			) : null}
			<TakeWith forms={forms} />
		</Box>
	);
}

const useStyles = makeStyles(() => ({
	part: { gap: GAP.s },
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	link: { ...({ overflowWrap: 'anywhere', userSelect: 'all' } as object) },
}));
