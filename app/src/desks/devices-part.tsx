import type { ListedDevice } from '@tidy-sum/schema/desk';
import { useState } from 'react';
import { sayFailed } from '../store/desk-acts';
import type { DeskOnServer, Devices } from '../sync/desk-on-server';
import type { Answer } from '../sync/server-request';
import { Confirm } from '../ui/confirm';
import { dateText } from '../ui/dates';
import { Notice } from '../ui/notice';
import { Part } from '../ui/part';
import { Words } from '../ui/words';
import { Row, Rows } from './rows';

type Props = {
	readonly server: DeskOnServer;
	readonly devices: Answer<Devices> | null;
	readonly onChanged: () => Promise<void>;
};

function sayDevice({ kind, made, used, here }: ListedDevice): string {
	if (kind === 'sheet') return `made on ${dateText(Date.parse(made))}`;
	const last = here ? 'now' : `on ${dateText(Date.parse(used))}`;
	return `since ${dateText(Date.parse(made))}, last used ${last}`;
}

/** The devices and recovery sheets that open the desk; any can be shut out. */
export function DevicesPart({ server, devices, onChanged }: Props) {
	const [why, setWhy] = useState('');
	const shutOut = async (id: string) => {
		const answer = await server.shutOut(id);
		setWhy(answer.came === 'here' ? '' : sayFailed(answer));
		await onChanged();
	};
	return (
		<Part title="What opens this desk" testID="devices" noPrint>
			{devices === null ? <Words tone="soft">One moment…</Words> : null}
			{devices && devices.came !== 'here' ? <Notice testID="devices-why">{sayFailed(devices)}</Notice> : null}
			<Rows>
				{(devices?.came === 'here' ? devices.value.devices : []).map((device, i) => (
					<Row
						key={device.id}
						title={`${device.kind === 'sheet' ? 'A recovery sheet' : device.says || 'A device'}${device.here ? ' (this one)' : ''}`}
						says={sayDevice(device)}
						act={
							device.here ? null : (
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
							)
						}
						testID={`device-${i + 1}`}
					/>
				))}
			</Rows>
			{devices?.came === 'here' && devices.value.keepDays !== null ? (
				<Words size="small" tone="soft">
					This server deletes a desk that nobody has used for {devices.value.keepDays} days. Your devices keep their
					copy.
				</Words>
			) : null}
			<Notice testID="shut-why">{why}</Notice>
		</Part>
	);
}
