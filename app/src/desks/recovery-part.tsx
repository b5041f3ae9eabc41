import { __iconData as Print } from 'lucide-react-native/icons/printer';
import { useState } from 'react';
import { sayFailed } from '../store/desk-acts';
import type { DeskOnServer } from '../sync/desk-on-server';
import { hashOf } from '../sync/key-hash';
import { newSheetKey } from '../sync/keys';
import { CORNER, FONT, GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Notice } from '../ui/notice';
import { Part } from '../ui/part';
import { Qr } from '../ui/qr';
import { Words } from '../ui/words';
import { sheetText } from './read-joining';
import * as words from './words';

type Props = { readonly desk: string; readonly server: DeskOnServer; readonly onMade: () => void };

/** A recovery sheet to print: one more key, on paper, for the day a device is lost. */
export function RecoveryPart({ desk, server, onMade }: Props) {
	const styles = useStyles();
	const [key, setKey] = useState<string | null>(null);
	const [why, setWhy] = useState('');
	const make = async () => {
		const next = newSheetKey();
		const answer = await server.addKey(hashOf(next), 'sheet', words.recoverySheet);
		if (answer.came !== 'here') return setWhy(sayFailed(answer));
		setWhy('');
		setKey(next);
		onMade();
	};
	const { origin = '' } = globalThis.location ?? {};
	const text = key === null ? '' : sheetText(desk, key);
	return (
		<Part title={words.ifADeviceIsLost} testID="recovery" noPrint={key === null}>
			<Words>{words.aRecoverySheetIsAKeyOn}</Words>
			<Box style={styles.row}>
				<Button
					label={key ? words.makeAnother : words.makeARecoverySheet}
					onPress={() => void make()}
					testID="make-sheet"
				/>
			</Box>
			<Notice testID="sheet-why">{why}</Notice>
			{key ? (
				<Box style={styles.sheet} testID="recovery-sheet">
					<Words strong>{words.tidySumRecoverySheetOfA}</Words>
					<Words size="small">{words.openJoinOnANewDeviceAnd(origin)}</Words>
					<Words style={styles.line} testID="sheet-line">
						{text}
					</Words>
					<Qr text={`${origin}/join#${text}`} label={words.theSameLineAsAPictureForA} testID="sheet-qr" />
					<Box style={styles.row}>
						<Button
							label={words.printThisPage}
							icon={Print}
							onPress={() => globalThis.print?.()}
							testID="print-sheet"
						/>
					</Box>
				</Box>
			) : null}
		</Part>
	);
}

const useStyles = makeStyles((palette) => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	sheet: {
		gap: GAP.s,
		padding: GAP.m,
		borderWidth: 1,
		borderColor: palette.rule,
		borderRadius: CORNER,
		alignItems: 'flex-start',
	},
	line: { fontFamily: FONT.mono, ...({ overflowWrap: 'anywhere', userSelect: 'all' } as object) },
}));
