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
import * as words from './words';

/** Problems as they stand, whether they say what is wanted or not yet: for this app, on another device. */
function asTheyStand(works: WorksState, name: string): TakeForm {
	return {
		name: 'problems',
		label: words.forThisApp,
		says: words.theProblemsThemselvesTo,
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
			setSaid(words.thisIsTooLongForALink(made.length, LINK_LIMIT));
			return;
		}
		setLink(made);
		setSaid(
			(await copied(made))
				? withWork
					? words.theLinkIsCopiedWhoever
					: words.theLinkIsCopiedWhoeverOpensItGets
				: words.hereIsTheLinkSelectItAnd,
		);
	};
	return (
		<Box style={styles.part}>
			<Box style={styles.row} role="group" aria-label={words.shareTheseProblems}>
				<Button
					label={words.copyALink}
					say={words.withTheseProblems}
					onPress={() => void share(false)}
					testID="hand-on"
				/>
				{isWorked ? (
					<Button
						label={words.copyALinkWithMyWorking}
						say={words.withTheseProblemsAndEach}
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
