import { __iconData as Print } from 'lucide-react-native/icons/printer';
import { useState } from 'react';
import { sayFailed } from '../store/desk-acts';
import type { DeskOnServer } from '../sync/desk-on-server';
import { hashOf } from '../sync/key-hash';
import { newSheetKey } from '../sync/keys';
import { FONT, GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Notice } from '../ui/notice';
import { Part } from '../ui/part';
import { Qr } from '../ui/qr';
import { Words } from '../ui/words';
import { sheetText } from './read-joining';

type Props = { readonly desk: string; readonly server: DeskOnServer; readonly onMade: () => void };

/** A recovery sheet to print: one more key, on paper, for the day a device is lost. */
export function RecoveryPart({ desk, server, onMade }: Props) {
	const styles = useStyles();
	const [key, setKey] = useState<string | null>(null);
	const [why, setWhy] = useState('');
	const make = async () => {
		const next = newSheetKey();
		const answer = await server.addKey(hashOf(next), 'sheet', 'Recovery sheet');
		if (answer.came !== 'here') return setWhy(sayFailed(answer));
		setWhy('');
		setKey(next);
		onMade();
	};
	const { origin = '' } = globalThis.location ?? {};
	const text = key === null ? '' : sheetText(desk, key);
	return (
		<Part title="If a device is lost" testID="recovery" noPrint={key === null}>
			<Words>
				A recovery sheet is a key on paper. With it a new device opens this desk, and shuts the lost one out. Keep it as
				you keep a house key: whoever has it can open the desk.
			</Words>
			<Box style={styles.row}>
				<Button
					label={key ? 'Make one more' : 'Make a recovery sheet'}
					onPress={() => void make()}
					testID="make-sheet"
				/>
			</Box>
			<Notice testID="sheet-why">{why}</Notice>
			{key ? (
				<Box style={styles.sheet} testID="recovery-sheet">
					<Words strong>Tidy Sum: recovery sheet of a desk</Words>
					<Words size="small">
						Open {origin}/join on a new device and type this line, or hold its camera at the picture. It is shown this
						once.
					</Words>
					<Words style={styles.line} testID="sheet-line">
						{text}
					</Words>
					<Qr text={`${origin}/join#${text}`} label="The same line, as a picture for a camera" testID="sheet-qr" />
					<Box style={styles.row}>
						<Button label="Print this page" icon={Print} onPress={() => globalThis.print?.()} testID="print-sheet" />
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
		borderRadius: 8,
		alignItems: 'flex-start',
	},
	line: { fontFamily: FONT.mono, ...({ overflowWrap: 'anywhere', userSelect: 'all' } as object) },
}));
