import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Words } from '../ui/words';
import { type ToSend, useSend } from './use-send';
import * as words from './words';

type Props = {
	/** What the page has come to; null while there is nothing to send. */
	readonly send: ToSend | null;
	/** What of it would be blocks: "this factor". */
	readonly blocks?: string;
	/** What of it would be a start: "2500 m". */
	readonly start?: string;
	/** Tells several of them on one page apart. */
	readonly name?: string;
};

/** Takes what a part of the Shelf has come to on to the Desk. */
export function Send({ send, blocks = '', start = '', name = '' }: Props) {
	const styles = useStyles();
	const { line, toLine, toOwn } = useSend();
	if (!send) return null;
	const some = (send.blocks?.length ?? 0) > 0;
	return (
		<Box style={styles.part} role="group" aria-label={words.toTheDesk}>
			<Words size="small" tone="soft" aria-hidden>
				{words.toTheDesk}
			</Words>
			<Box style={styles.row}>
				{some && line !== null ? (
					<Button label={words.putOnTheLineOf(blocks, line)} onPress={() => toLine(send)} testID={`send-line${name}`} />
				) : null}
				{send.start || some ? (
					<Button
						label={send.start ? words.startALineFrom(start) : words.putOnANewLine(blocks)}
						onPress={() => toOwn(send)}
						testID={`send-own${name}`}
					/>
				) : null}
			</Box>
		</Box>
	);
}

const useStyles = makeStyles(() => ({
	part: { gap: GAP.xs },
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
}));
