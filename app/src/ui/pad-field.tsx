import type { ComponentProps } from 'react';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from './box';
import { Field } from './field';
import { Keypad } from './keypad';
import * as words from './ui-words';
import { useCaret } from './use-caret';

const POWERS = ['²', '³'];

type Props = ComponentProps<typeof Field> & {
	/** Whether our own keys stand under it; the device's keyboard comes up otherwise. */
	readonly pad: boolean;
	/** Units and words offered beside the digits. */
	readonly units: readonly string[];
	readonly more?: readonly string[];
};

/** A field with keys of our own under it, as long as it is the one that is typed into. */
export function PadField({ pad, units, more, ...field }: Props) {
	const styles = useStyles();
	const caret = useCaret(field.value, field.onChange);
	return (
		<Box style={styles.part}>
			<Field {...field} onSelect={caret.onSelect} keyboard={!pad} />
			{pad ? (
				<Keypad
					label={words.keysFor(field.label)}
					caret={caret}
					units={units}
					powers={POWERS}
					{...(more ? { more } : {})}
				/>
			) : null}
		</Box>
	);
}

const useStyles = makeStyles(() => ({ part: { gap: GAP.s } }));
