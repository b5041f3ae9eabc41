import { useState } from 'react';
import { sayFailed } from '../store/desk-acts';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { codeText } from '../ui/code-text';
import { copied } from '../ui/copied';
import { Notice } from '../ui/notice';
import { Part } from '../ui/part';
import { Qr } from '../ui/qr';
import { Words } from '../ui/words';
import type { ClassHere } from './use-class';
import * as words from './words';

/** How students join: the code, its picture and its link; and whether anybody may. */
export function DoorPart({ here: { server, view, askAgain } }: { readonly here: ClassHere }) {
	const styles = useStyles();
	const [says, setSays] = useState('');
	const { origin = '' } = globalThis.location ?? {};
	const code = view?.code ?? null;
	const link = `${origin}/class#join=${code ?? ''}`;
	const set = async (open: boolean, renew = false) => {
		const answer = await server.door(open, renew);
		setSays(answer.came === 'here' ? '' : sayFailed(answer));
		await askAgain();
	};
	const share = async () => setSays((await copied(link)) ? words.linkCopied : `${words.linkShown} ${link}`);
	return (
		<Part title={words.howStudentsJoin} testID="door" noPrint>
			{code === null ? (
				<Words>{words.nobodyCanJoin}</Words>
			) : (
				<Box style={styles.code}>
					<Words size="small" tone="soft">
						{words.studentsJoinWithThisCode(origin)}
					</Words>
					<Words size="large" strong mono aria-label={[...code].join(' ')} testID="class-code-shown">
						{codeText(code)}
					</Words>
					<Qr text={link} label={words.codeAsAPicture} size={160} testID="class-qr" />
				</Box>
			)}
			<Box style={styles.row}>
				{code === null ? (
					<Button label={words.openTheDoor} kind="strong" onPress={() => void set(true)} testID="door-open" />
				) : (
					<>
						<Button label={words.copyTheLink} onPress={() => void share()} testID="door-link" />
						<Button label={words.newCode} kind="quiet" onPress={() => void set(true, true)} testID="door-renew" />
						<Button label={words.closeTheClass} kind="quiet" onPress={() => void set(false)} testID="door-close" />
					</>
				)}
			</Box>
			<Notice testID="door-says">{says}</Notice>
		</Part>
	);
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	code: { gap: GAP.s, alignItems: 'flex-start' },
}));
