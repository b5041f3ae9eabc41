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
import * as words from './words';

function pieces(count: number): string {
	return words.ofWork(count);
}

/** What a desk is called: by its name, else by the moment it was begun. */
function titleOf({ name, begun }: Pick<DeskHere, 'name' | 'begun'>): string {
	return name?.trim() || words.deskOf(momentText(begun));
}

/** The desks of this device: which is open, and what else there is to open. */
function DesksHere({ desks, here }: { readonly desks: readonly ListedDesk[]; readonly here: DeskHere | null }) {
	const styles = useStyles();
	const router = useRouter();
	const [typed, setTyped] = useState<string | null>(null);
	const name = typed ?? here?.name ?? '';
	return (
		<Part title={words.desksOnThisDevice} testID="desks-here" noPrint>
			<Rows>
				{desks.map(({ id, opened, pieces: count, ...desk }, i) => (
					<Row
						key={id}
						title={titleOf({ ...desk, ...(id === here?.id ? { name } : {}) })}
						says={`${pieces(count)}, ${id === here?.id ? words.openNow : words.lastOpenedOn(dateText(opened))}`}
						act={
							id === here?.id ? null : (
								<Button
									label={words.open}
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
					label={words.nameOfTheOpenDesk}
					named
					value={name}
					reads={words.onlyThisDeviceKnowsIt}
					onChange={(next) => {
						setTyped(next.slice(0, DESK_NAME_LIMIT));
						void callDesk(here.id, next);
					}}
					testID="desk-name"
				/>
			) : null}
			<Box style={styles.row}>
				<Button label={words.startAnotherDesk} onPress={() => void beginDesk(Date.now())} testID="begin-desk" />
				<Button
					label={words.joinADesk}
					say={words.withACode}
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
		<Part title={words.leaveOrErase} testID="ends" noPrint>
			<Words>{words.leaveTheDeskWhenYouGoIf}</Words>
			<Box style={styles.row}>
				<Confirm
					label={words.stopTheGuideDeskHere}
					question={unsent ? words.notReachedTheServerYetAnd(pieces(unsent), unsent) : words.leaveThisDeskOnThisDevice}
					yes={words.leaveIt}
					no={words.stay}
					onYes={() => void leave(here, Date.now())}
					testID="leave-desk"
				/>
				<Confirm
					label={words.eraseThisDesk}
					question={words.eraseTheDeskForGoodHereOn}
					yes={words.eraseItForGood}
					no={words.keepIt}
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
			title={words.desksAndDevices}
			testID="desks"
			beside={
				<>
					<DesksHere desks={desks} here={here} />
					{here ? <Ends here={here} /> : null}
				</>
			}
			tools={
				<Button label={words.settings} icon={Back} onPress={() => router.navigate('/settings')} testID="to-settings" />
			}
		>
			<Words testID="desk-says">{words.aDeskIsAllYourWorkOnlyYour(where)}</Words>
			{here?.kept ? (
				<Parts here={here} />
			) : (
				<Words tone="soft" testID="desk-not-kept">
					{words.theServerDoesNotHaveThis}
				</Words>
			)}
		</Page>
	);
}

const useStyles = makeStyles(() => ({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s } }));
