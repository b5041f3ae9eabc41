import { DESK_NAME_LIMIT } from '@tidy-sum/schema/limits';
import { useRouter } from 'expo-router';
import { __iconData as Back } from 'lucide-react-native/icons/arrow-left';
import { useMemo, useState } from 'react';
import { beginDesk, callDesk, erase, leave, openDeskHere } from '../store/desk-acts';
import { useAppSelector } from '../store/store';
import { type ListedDesk, useDesksHere } from '../store/use-desks-here';
import { deskOnServer } from '../sync/desk-on-server';
import type { DeskHere } from '../sync/device-store';
import { sayKeeping } from '../sync/said-keeping';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Confirm } from '../ui/confirm';
import { dateText, momentText } from '../ui/dates';
import { Field } from '../ui/field';
import { Page } from '../ui/page';
import { Part } from '../ui/part';
import { Words } from '../ui/words';
import { AnotherDevice } from './another-device';
import { DevicesPart } from './devices-part';
import { HistoryPart } from './history-part';
import { LooksPart } from './looks-part';
import { RecoveryPart } from './recovery-part';
import { Row, Rows } from './rows';
import { useAnswer } from './use-answer';

function pieces(count: number): string {
	return `${count} ${count === 1 ? 'piece' : 'pieces'} of work`;
}

/** What a desk is called: by its name, else by the moment it was begun. */
function titleOf({ name, begun }: Pick<DeskHere, 'name' | 'begun'>): string {
	return name?.trim() || `Desk of ${momentText(begun)}`;
}

/** The desks of this device: which is open, and what else there is to open. */
function DesksHere({ desks, here }: { readonly desks: readonly ListedDesk[]; readonly here: DeskHere | null }) {
	const styles = useStyles();
	const router = useRouter();
	const [typed, setTyped] = useState<string | null>(null);
	const name = typed ?? here?.name ?? '';
	return (
		<Part title="Desks on this device" testID="desks-here" noPrint>
			<Rows>
				{desks.map(({ id, opened, pieces: count, ...desk }, i) => (
					<Row
						key={id}
						title={titleOf({ ...desk, ...(id === here?.id ? { name } : {}) })}
						says={`${pieces(count)}, ${id === here?.id ? 'open now' : `last opened on ${dateText(opened)}`}`}
						act={
							id === here?.id ? null : (
								<Button
									label="Open"
									say={titleOf(desk)}
									onPress={() => void openDeskHere(id)}
									testID={`open-desk-${i + 1}`}
								/>
							)
						}
						testID={`desk-here-${i + 1}`}
					/>
				))}
			</Rows>
			{here ? (
				<Field
					label="Name of the open desk"
					named
					value={name}
					reads="Only this device knows it."
					onChange={(next) => {
						setTyped(next.slice(0, DESK_NAME_LIMIT));
						void callDesk(here.id, next);
					}}
					testID="desk-name"
				/>
			) : null}
			<Box style={styles.row}>
				<Button label="Begin another desk" onPress={() => void beginDesk(Date.now())} testID="begin-desk" />
				<Button
					label="Join a desk"
					say="with a code"
					onPress={() => router.navigate('/join' as '/')}
					testID="to-join"
				/>
			</Box>
		</Part>
	);
}

/** The end of a desk: on this device, or everywhere. */
function Ends({ here }: { readonly here: DeskHere }) {
	const styles = useStyles();
	const unsent = useAppSelector(({ works }) => Object.values(works.byId).filter(({ ahead }) => ahead).length);
	return (
		<Part title="Leave or erase" testID="ends" noPrint>
			<Words>
				On a device that others use as well, leave the desk when you go: nothing of it stays there. On the server and on
				your other devices it stays.
			</Words>
			<Box style={styles.row}>
				<Confirm
					label="Leave this desk here"
					question={
						unsent
							? `${pieces(unsent)} ${unsent === 1 ? 'has' : 'have'} not reached the server yet and would be lost. Shall this device leave the desk all the same?`
							: 'Shall this device forget the desk? To open it here again you need a code or a recovery sheet.'
					}
					yes="Leave it"
					no="Stay"
					onYes={() => void leave(here, Date.now())}
					testID="leave-desk"
				/>
				<Confirm
					label="Erase this desk"
					question="Shall the desk be erased for good, here, on the server and on every device that has it? Nobody can bring it back."
					yes="Erase it for good"
					no="Keep it"
					onYes={() => void erase(here, Date.now())}
					testID="erase-desk"
				/>
			</Box>
		</Part>
	);
}

function Parts({ here }: { readonly here: DeskHere }) {
	const server = useMemo(() => deskOnServer(here.id, here.key), [here.id, here.key]);
	const [devices, again] = useAnswer(useMemo(() => () => server.devices(), [server]));
	return (
		<>
			<AnotherDevice server={server} onMade={() => void again()} />
			<DevicesPart server={server} devices={devices} onChanged={again} />
			<RecoveryPart desk={here.id} server={server} onMade={() => void again()} />
			<LooksPart server={server} />
			{/* Asked for again when what opens the desk has changed. */}
			<HistoryPart key={devices?.came === 'here' ? devices.value.devices.length : 0} server={server} />
		</>
	);
}

/** One's desk and what opens it: other devices, a recovery sheet, links to look at; the desks of this device, and their end. */
export function DesksScreen() {
	const router = useRouter();
	const { here, desks } = useDesksHere();
	const isKept = here?.kept === true;
	// Of a desk without work there is nothing that the server could have.
	const where = useAppSelector(({ sync }) => (isKept || sync.keeping !== 'both' ? sayKeeping(sync) : ''));
	return (
		<Page
			title="Desks and devices"
			testID="desks"
			beside={
				<>
					<DesksHere desks={desks} here={here} />
					{here ? <Ends here={here} /> : null}
				</>
			}
			tools={<Button label="Settings" icon={Back} onPress={() => router.navigate('/settings')} testID="to-settings" />}
		>
			<Words testID="desk-says">
				A desk is all your work, under a key that only your devices have. You need no account. {where}
			</Words>
			{here?.kept ? (
				<Parts here={here} />
			) : (
				<Words tone="soft" testID="desk-not-kept">
					The server does not have this desk yet. Once something is done on it and sent, another device can join it
					here.
				</Words>
			)}
		</Page>
	);
}

const useStyles = makeStyles(() => ({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s } }));
