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
import * as words from './words';

type Props = {
	readonly server: DeskOnServer;
	readonly devices: Answer<Devices> | null;
	readonly onChanged: () => Promise<void>;
};

function sayDevice({ kind, made, used, here }: ListedDevice): string {
	if (kind === 'sheet') return words.madeOn(dateText(Date.parse(made)));
	const last = here ? 'now' : words.on(dateText(Date.parse(used)));
	return words.sinceLastUsed(dateText(Date.parse(made)), last);
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
		<Part title={words.whatOpensThisDesk} testID="devices" noPrint>
			{devices === null ? <Words tone="soft">{words.oneMoment}</Words> : null}
			{devices && devices.came !== 'here' ? <Notice testID="devices-why">{sayFailed(devices)}</Notice> : null}
			<Rows>
				{(devices?.came === 'here' ? devices.value.devices : []).map((device, i) => (
					<Row
						key={device.id}
						title={`${device.kind === 'sheet' ? words.aRecoverySheet : device.says || words.aDevice}${device.here ? words.thisOne : ''}`}
						says={sayDevice(device)}
						act={
							device.here ? null : (
								<Confirm
									label={words.remove}
									say={device.says || words.thisKey}
									question={device.kind === 'sheet' ? words.shouldThisRecoverySheet : words.shouldThatDeviceStop}
									yes={words.removeIt}
									no={words.keepIt}
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
					{words.thisServerDeletesADesk(devices.value.keepDays)}
				</Words>
			) : null}
			<Notice testID="shut-why">{why}</Notice>
		</Part>
	);
}
