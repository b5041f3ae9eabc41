import type { LucideIconData } from 'lucide-react-native';
import { GAP, TARGET } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { makeStyles } from '../theme/use-styles';
import { Box, Touch } from './box';
import { Icon } from './icon';
import { Said } from './said';
import { Words } from './words';

type Props = {
	/** What it shows; '' where its icon is all there is room for, and `say` is its name. */
	readonly label: string;
	readonly onPress: () => void;
	readonly kind?: 'plain' | 'strong' | 'tool';
	readonly icon?: LucideIconData;
	readonly disabled?: boolean;
	/** Said after the label where that is too short to make sense aloud. */
	readonly say?: string;
	readonly on?: boolean;
	readonly testID?: string;
};

/** Something to press: strong for the one next thing, tool for the row under the thumb. */
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
			style={[
				styles.button,
				kind === 'strong' && styles.strong,
				kind === 'tool' && styles.tool,
				on && styles.on,
				disabled && styles.disabled,
			]}
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
		borderRadius: 8,
		borderWidth: 1,
		borderColor: palette.edge,
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
	on: { backgroundColor: palette.pineWash },
	disabled: { opacity: 0.55 },
}));
