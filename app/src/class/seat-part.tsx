import { useRouter } from 'expo-router';
import { useState } from 'react';
import { forgetClasses } from '../device/class-notes';
import { sayFailed } from '../store/desk-acts';
import { useAppDispatch, useAppSelector } from '../store/store';
import { seatOnServer } from '../sync/class-on-server';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Confirm } from '../ui/confirm';
import { dayText } from '../ui/dates';
import { LinkRow } from '../ui/link-row';
import { Notice } from '../ui/notice';
import { Part } from '../ui/part';
import { Sockets } from '../ui/sockets';
import { Words } from '../ui/words';
import { CLASSES } from '../work/list-names';
import type { MySeat } from '../work/my-classes';
import { sheetProgress } from '../work/sheet-progress';
import { socketOf } from '../work/socket-of';
import { sheetOfHanded } from '../work/tries-to-send';
import { did } from '../work/works-reducer';
import * as words from './words';

/** A class as the student at a seat sees it: what is handed out, what was sent, and the way out. */
export function SeatPart({ seat: { id, key } }: { readonly seat: MySeat }) {
	const styles = useStyles();
	const router = useRouter();
	const dispatch = useAppDispatch();
	const desk = useAppSelector(({ sync }) => sync.desk) ?? '';
	const works = useAppSelector((state) => state.works);
	const view = useAppSelector(({ classes }) => classes.views[id]);
	const waiting = useAppSelector(({ classes }) => classes.waiting[id] ?? 0);
	const isShut = useAppSelector(({ classes }) => classes.shut[id] ?? false);
	const [why, setWhy] = useState('');
	const leave = async (work: 'stays' | 'goes') => {
		const answer = isShut ? null : await seatOnServer(id, key).leave(work);
		if (answer && answer.came !== 'here' && answer.came !== 'shut') return setWhy(sayFailed(answer));
		forgetClasses(desk, id);
		dispatch(did(CLASSES, { do: 'quit', class: id }));
		router.navigate('/class' as '/');
	};
	return (
		<>
			{isShut ? <Notice testID="seat-shut">{words.seatIsShut}</Notice> : null}
			<Part title={words.handedOut}>
				{view?.handed.length ? (
					<Box role="list" testID="handed-out">
						{view.handed.map(({ id: handed, title, due, count }) => {
							const sheet = sheetOfHanded(handed);
							const { states, right } = sheetProgress(works, sheet);
							const says = words.sheetSays(right, count, due && dayText(Date.parse(due)));
							return (
								<LinkRow
									key={handed}
									title={title}
									says={says}
									onOpen={() => router.navigate(`/sheet/${sheet}` as '/')}
									testID={`handed-${handed}`}
								>
									<Sockets states={states.map(socketOf)} says={says} />
								</LinkRow>
							);
						})}
					</Box>
				) : (
					<Words>{words.nothingHandedOutYet}</Words>
				)}
				{view?.handed.length ? (
					<Words size="small" tone="soft" role="status" aria-live="polite" testID="seat-sent">
						{waiting ? words.answersWait(waiting) : words.allSent}
					</Words>
				) : null}
			</Part>
			<Words size="small" tone="soft">
				{words.whatYourClassSees}
			</Words>
			<Box style={styles.row}>
				<Confirm
					label={words.leaveTheClass}
					question={words.leaveQuestion}
					yes={words.leave}
					no={words.stay}
					onYes={() => void leave('stays')}
					testID="seat-leave"
				/>
				<Confirm
					label={words.leaveAndTakeBack}
					question={words.takeBackQuestion}
					yes={words.leave}
					no={words.stay}
					onYes={() => void leave('goes')}
					testID="seat-take-back"
				/>
			</Box>
			<Notice testID="seat-why">{why}</Notice>
		</>
	);
}

const useStyles = makeStyles(() => ({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s } }));
