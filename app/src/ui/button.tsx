import type { LucideIconData } from 'lucide-react-native';
import { BAR, CORNER, GAP, TARGET } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { makeStyles } from '../theme/use-styles';
import { Box, Touch } from './box';
import { Icon } from './icon';
import { Said } from './said';
import { Words } from './words';

export const KINDS = ['plain', 'strong', 'quiet', 'choice', 'upright', 'tool'] as const;
type Kind = (typeof KINDS)[number];

/** How those of some kinds look when they are on; the others have one look. */
const ON: Partial<Record<Kind, 'chosen' | 'chosenUpright'>> = { choice: 'chosen', upright: 'chosenUpright' };

type Props = {
	/** What it shows; '' where its icon is all there is room for, and `say` is its name. */
	readonly label: string;
	readonly onPress: () => void;
	readonly kind?: Kind;
	readonly icon?: LucideIconData;
	readonly disabled?: boolean;
	/** Said after the label where that is too short to make sense aloud. */
	readonly say?: string;
	readonly on?: boolean;
	readonly testID?: string;
};

/**
 * Something to press: strong for the one next thing, quiet for a way that leads elsewhere, choice and upright for one of a
 * few on a bar or beside one, tool for the row under the thumb.
 */
export function Button({ label, onPress, kind = 'plain', icon, disabled = false, say, on, testID }: Props) {
	const styles = useStyles();
	const palette = usePalette();
	const tone = kind === 'strong' ? 'onPine' : disabled ? 'soft' : 'pine';
	return (
		<Touch
			aria-pressed={on}
			disabled={disabled}
			onTouch={onPress}
			testID={testID}
			style={[styles.button, styles[kind], on && styles[ON[kind] ?? 'on'], disabled && styles.disabled]}
		>
			{icon ? (
				<Box aria-hidden>
					<Icon icon={icon} size={20} color={palette[tone]} />
				</Box>
			) : null}
			{label === '' ? null : (
				<Words
					size={kind === 'tool' ? 'small' : 'body'}
					strong
					tone={tone}
					style={kind === 'tool' ? styles.word : styles.label}
				>
					{label}
				</Words>
			)}
			{say ? <Said>{say}</Said> : null}
		</Touch>
	);
}

const useStyles = makeStyles((palette) => ({
	button: {
		minHeight: TARGET,
		minWidth: TARGET,
		maxWidth: '100%',
		flexDirection: 'row',
		alignItems: 'center',
		justifyContent: 'center',
		gap: GAP.s,
		paddingHorizontal: GAP.l,
		paddingVertical: GAP.xs,
		borderRadius: CORNER,
		borderWidth: 1,
		borderColor: palette.rule,
	},
	// What is wider than the button breaks wherever it must.
	label: { ...({ overflowWrap: 'anywhere' } as object) },
	// A tool whose word has no room goes to the next row.
	word: { ...({ whiteSpace: 'nowrap' } as object) },
	strong: { backgroundColor: palette.pine, borderColor: palette.pine },
	tool: {
		flexDirection: 'column',
		gap: 2,
		paddingHorizontal: GAP.xs,
		paddingVertical: 0,
		borderColor: 'transparent',
		flexGrow: 1,
		flexShrink: 0,
		flexBasis: 'auto',
	},
	plain: {},
	quiet: { borderColor: 'transparent', paddingHorizontal: GAP.s },
	// A few to choose from share one bar; it is pine under the one that is chosen.
	choice: {
		borderColor: 'transparent',
		borderBottomColor: palette.rule,
		borderBottomWidth: BAR,
		borderBottomLeftRadius: 0,
		borderBottomRightRadius: 0,
		flexGrow: 1,
		paddingHorizontal: GAP.m,
	},
	upright: {
		borderWidth: 0,
		borderLeftWidth: BAR + 1,
		borderLeftColor: palette.rule,
		borderTopLeftRadius: 0,
		borderBottomLeftRadius: 0,
		justifyContent: 'flex-start',
		paddingHorizontal: GAP.m,
	},
	chosenUpright: { backgroundColor: palette.pineWash, borderLeftColor: palette.pine },
	chosen: { backgroundColor: palette.pineWash, borderBottomColor: palette.pine, borderBottomWidth: BAR + 1 },
	on: { backgroundColor: palette.pineWash, borderColor: palette.pine },
	disabled: { opacity: 0.55 },
}));
