import { shownCode } from '@tidy-sum/core';
import type { ListedLook } from '@tidy-sum/schema/desk';
import { useMemo, useState } from 'react';
import { sayFailed } from '../store/desk-acts';
import { useAppSelector } from '../store/store';
import type { DeskOnServer } from '../sync/server-store';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { dateText } from '../ui/dates';
import { Notice } from '../ui/notice';
import { Words } from '../ui/words';
import { titleOfWork } from '../work/title-of-work';
import type { WorksState } from '../work/works-slice';
import { Part } from './part';
import { useAnswer } from './use-answer';

function titleOf({ shows }: ListedLook, works: WorksState): string {
	if (shows.is === 'round') return `The Round ${shownCode(shows.code)}`;
	const entry = works.byId[shows.id];
	return entry ? titleOfWork(works, entry.body.exercise) : 'A line that is not here';
}

/** The links to look at that were made, each of which can be taken back. */
export function LooksPart({ server }: { readonly server: DeskOnServer }) {
	const styles = useStyles();
	const works = useAppSelector((state) => state.works);
	const [why, setWhy] = useState('');
	const [looks, again] = useAnswer(useMemo(() => () => server.looks(), [server]));
	const listed = looks?.came === 'here' ? looks.value : [];
	const takeBack = async (id: string) => {
		const answer = await server.takeBack(id);
		setWhy(answer.came === 'here' ? '' : sayFailed(answer));
		await again();
	};
	return (
		<Part title="Links to look at" testID="looks">
			<Words>
				{listed.length
					? 'Whoever has one of these links sees that line and how it came about, and can change nothing.'
					: 'None is out. On the Replay of a line, or on a Round, you can make a link that shows it to somebody and gives nothing away.'}
			</Words>
			<Box role="list" style={styles.list}>
				{listed.map((look, i) => (
					<Box key={look.id} role="listitem" style={styles.look} testID={`look-${i + 1}`}>
						<Box style={styles.words}>
							<Words strong>{titleOf(look, works)}</Words>
							<Words size="small" tone="soft">
								made on {dateText(Date.parse(look.made))}
							</Words>
						</Box>
						<Button
							label="Take it back"
							say={titleOf(look, works)}
							onPress={() => void takeBack(look.id)}
							testID={`take-back-${i + 1}`}
						/>
					</Box>
				))}
			</Box>
			<Notice testID="looks-why">{why || (looks && looks.came !== 'here' ? sayFailed(looks) : '')}</Notice>
		</Part>
	);
}

const useStyles = makeStyles((palette) => ({
	list: { gap: GAP.s },
	look: {
		flexDirection: 'row',
		flexWrap: 'wrap',
		alignItems: 'center',
		gap: GAP.s,
		paddingVertical: GAP.s,
		borderBottomWidth: 1,
		borderBottomColor: palette.rule,
	},
	words: { flexGrow: 1, flexShrink: 1, minWidth: 180 },
}));
