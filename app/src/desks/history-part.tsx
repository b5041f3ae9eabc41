import type { DeskEvent } from '@tidy-sum/schema/desk';
import { useMemo } from 'react';
import { sayFailed } from '../store/desk-acts';
import type { DeskOnServer } from '../sync/desk-on-server';
import { dateText } from '../ui/dates';
import { Notice } from '../ui/notice';
import { Part } from '../ui/part';
import { Words } from '../ui/words';
import { Row, Rows } from './rows';
import { useAnswer } from './use-answer';
import * as words from './words';

/** What happened, in words; `by` is what the device called itself. */
const SAYS: Readonly<Record<DeskEvent['what'], (by: string) => string>> = {
	joined: (by) => words.joined(by),
	sheet: () => words.aRecoverySheetWasMade,
	'shut-out': (by) => words.wasRemoved(by),
};

/** Who joined the desk and who was removed: a device that somebody else let in is seen here. */
export function HistoryPart({ server }: { readonly server: DeskOnServer }) {
	const [events] = useAnswer(useMemo(() => () => server.history(), [server]));
	const list = events?.came === 'here' ? events.value : [];
	return (
		<Part title={words.whatHappenedOnThisDesk} testID="desk-history" noPrint>
			{events?.came === 'here' && list.length === 0 ? <Words>{words.noDeviceHasJoinedOrBeen}</Words> : null}
			<Rows>
				{list.map(({ at, what, says }, i) => (
					<Row
						key={`${at} ${what} ${says}`}
						title={SAYS[what](says)}
						says={words.on(dateText(Date.parse(at)))}
						testID={`desk-event-${i + 1}`}
					/>
				))}
			</Rows>
			<Notice testID="history-why">{events && events.came !== 'here' ? sayFailed(events) : ''}</Notice>
		</Part>
	);
}
