import { shownCode } from '@tidy-sum/core';
import type { ListedLook } from '@tidy-sum/schema/desk';
import { useMemo, useState } from 'react';
import { sayFailed } from '../store/desk-acts';
import { useAppSelector } from '../store/store';
import type { DeskOnServer } from '../sync/desk-on-server';
import { Button } from '../ui/button';
import { dateText } from '../ui/dates';
import { Notice } from '../ui/notice';
import { Part } from '../ui/part';
import { Words } from '../ui/words';
import { titleOfWork } from '../work/title-of-work';
import type { WorksState } from '../work/works-reducer';
import { Row, Rows } from './rows';
import { useAnswer } from './use-answer';
import * as words from './words';

function titleOf({ shows }: ListedLook, works: WorksState): string {
	if (shows.is === 'round') return words.theRound(shownCode(shows.code));
	const entry = works.byId[shows.id];
	return entry ? titleOfWork(works, entry.body.exercise) : words.aLineThatIsNotOnThisDevice;
}

function sayEnd({ until }: ListedLook): string {
	if (until === null) return words.noEndDate;
	const isOver = Date.parse(until) <= Date.now();
	return `${isOver ? words.endedOn : words.endsOn} ${dateText(Date.parse(until))}`;
}

/** The links to look at that were made, each of which can be taken back. */
export function LooksPart({ server }: { readonly server: DeskOnServer }) {
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
		<Part title={words.viewOnlyLinks} testID="looks" noPrint>
			<Words>{listed.length ? words.whoeverHasOneOfTheseLinks : words.youHaveNoViewOnlyLinksYou}</Words>
			<Rows>
				{listed.map((look, i) => (
					<Row
						key={look.id}
						title={titleOf(look, works)}
						says={words.madeOnOfDate(dateText(Date.parse(look.made)), sayEnd(look))}
						act={
							<Button
								label={words.takeItBack}
								say={titleOf(look, works)}
								onPress={() => void takeBack(look.id)}
								testID={`take-back-${i + 1}`}
							/>
						}
						testID={`look-${i + 1}`}
					/>
				))}
			</Rows>
			<Notice testID="looks-why">{why || (looks && looks.came !== 'here' ? sayFailed(looks) : '')}</Notice>
		</Part>
	);
}
