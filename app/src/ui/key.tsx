import { useContext } from 'react';
import { CORNER, TARGET } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Touch } from './box';
import { DecimalContext } from './decimal';
import { Said } from './said';
import { Words } from './words';

type Props = {
	readonly shows: string;
	readonly onPress: () => void;
	/** Said after what it shows, where that alone makes no sense aloud. */
	readonly say?: string | undefined;
	/** As wide as what it shows, for units and words; else as wide as its neighbours. */
	readonly word?: boolean;
	readonly testID: string;
};

/** One key of our own keypads; the one of the decimal mark shows the mark that is in force. */
export function Key({ shows: plain, onPress, say: said, word = false, testID }: Props) {
	const styles = useKeyStyles();
	const isComma = useContext(DecimalContext) === 'comma' && plain === '.';
	const shows = isComma ? ',' : plain;
	const say = isComma ? 'comma' : said;
	return (
		<Touch onTouch={onPress} testID={testID} style={[styles.key, word && styles.word]}>
			<Words size={word ? 'body' : 'title'}>{shows}</Words>
			{say === undefined || say === shows ? null : <Said>{say}</Said>}
		</Touch>
	);
}

/** How a key looks; a key that shows a picture takes it too. */
export const useKeyStyles = makeStyles((palette) => ({
	key: {
		flex: 1,
		minWidth: TARGET,
		minHeight: TARGET,
		alignItems: 'center',
		justifyContent: 'center',
		borderRadius: CORNER,
		backgroundColor: palette.page,
		borderWidth: 1,
		borderColor: palette.rule,
	},
	word: { flexGrow: 0, flexShrink: 0, flexBasis: 'auto', paddingHorizontal: 12 },
}));
