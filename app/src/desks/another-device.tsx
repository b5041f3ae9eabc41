import { useState } from 'react';
import { sayFailed } from '../store/desk-acts';
import type { DeskOnServer } from '../sync/desk-on-server';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { codeText } from '../ui/code-text';
import { clockText } from '../ui/dates';
import { Notice } from '../ui/notice';
import { Part } from '../ui/part';
import { Qr } from '../ui/qr';
import { Words } from '../ui/words';
import * as words from './words';

/** Lets another device in: a one-time code to type there, and a picture for its camera. */
export function AnotherDevice({ server, onMade }: { readonly server: DeskOnServer; readonly onMade: () => void }) {
	const styles = useStyles();
	const [made, setMade] = useState<{ readonly code: string; readonly until: string } | null>(null);
	const [why, setWhy] = useState('');
	const make = async () => {
		const answer = await server.makeCode();
		if (answer.came !== 'here') return setWhy(sayFailed(answer));
		setWhy('');
		setMade(answer.value);
		onMade();
	};
	const { origin = '' } = globalThis.location ?? {};
	return (
		<Part title={words.anotherDevice} testID="another-device" noPrint>
			<Words>{words.whatYouDoOnOneDeviceShows}</Words>
			<Box style={styles.row}>
				<Button
					label={made ? words.makeANewCode : words.letAnotherDeviceIn}
					kind={made ? 'plain' : 'strong'}
					onPress={() => void make()}
					testID="make-code"
				/>
			</Box>
			<Notice testID="code-why">{why}</Notice>
			{made ? (
				<Box style={styles.code}>
					<Words size="small" tone="soft">
						{words.onTheOtherDeviceOpenJoin(origin)}
					</Words>
					<Words size="title" strong aria-label={[...made.code].join(' ')} testID="code">
						{codeText(made.code)}
					</Words>
					<Qr text={`${origin}/join#${made.code}`} label={words.theSameCodeAsAPictureForA} testID="code-qr" />
					<Words size="small" tone="soft">
						{words.worksForOneDeviceUntil(clockText(Date.parse(made.until)))}
					</Words>
				</Box>
			) : null}
		</Part>
	);
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	code: { gap: GAP.s, alignItems: 'flex-start' },
}));
