import type { ListedDevice } from '@tidy-sum/schema/desk';
import { useState } from 'react';
import { sayFailed } from '../store/desk-acts';
import type { Answer, DeskOnServer } from '../sync/server-store';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Confirm } from '../ui/confirm';
import { dateText } from '../ui/dates';
import { Notice } from '../ui/notice';
import { Words } from '../ui/words';
import { Part } from './part';

type Props = {
	readonly server: DeskOnServer;
	readonly devices: Answer<readonly ListedDevice[]> | null;
	readonly onChanged: () => Promise<void>;
};

function sayDevice({ kind, says, made, used, here }: ListedDevice): string {
	const since = `since ${dateText(Date.parse(made))}`;
	if (kind === 'sheet') return `made on ${dateText(Date.parse(made))}`;
	return `${says ? '' : 'a device, '}${since}, last used ${here ? 'now' : `on ${dateText(Date.parse(used))}`}`;
}

/** The devices and recovery sheets that open the desk; any can be shut out. */
export function DevicesPart({ server, devices, onChanged }: Props) {
	const styles = useStyles();
	const [why, setWhy] = useState('');
	const shutOut = async (id: string) => {
		const answer = await server.shutOut(id);
		setWhy(answer.came === 'here' ? '' : sayFailed(answer));
		await onChanged();
	};
	return (
		<Part title="What opens this desk" testID="devices">
			{devices === null ? <Words tone="soft">One moment…</Words> : null}
			{devices && devices.came !== 'here' ? <Notice testID="devices-why">{sayFailed(devices)}</Notice> : null}
			<Box role="list" style={styles.list}>
				{(devices?.came === 'here' ? devices.value : []).map((device, i) => (
					<Box key={device.id} role="listitem" style={styles.device} testID={`device-${i + 1}`}>
						<Box style={styles.words}>
							<Words strong>
								{device.kind === 'sheet' ? 'A recovery sheet' : device.says || 'A device'}
								{device.here ? ' (this one)' : ''}
							</Words>
							<Words size="small" tone="soft">
								{sayDevice(device)}
							</Words>
						</Box>
						{device.here ? null : (
							<Confirm
								label="Shut out"
								say={device.says || 'this key'}
								question={
									device.kind === 'sheet'
										? 'Shall this recovery sheet open the desk no more?'
										: 'Shall that device open this desk no more? What lies on it stays there.'
								}
								yes="Shut it out"
								no="Leave it in"
								onYes={() => void shutOut(device.id)}
								testID={`shut-${i + 1}`}
							/>
						)}
					</Box>
				))}
			</Box>
			<Notice testID="shut-why">{why}</Notice>
		</Part>
	);
}

const useStyles = makeStyles((palette) => ({
	list: { gap: GAP.s },
	device: {
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
