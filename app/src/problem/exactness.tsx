import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Words } from '../ui/words';
import type { FieldProps } from './field-props';
import * as words from './words';

type Props = {
	readonly exact: boolean;
	/** What it is said of, for those who hear it: "12 jars". */
	readonly about: string;
	readonly onChange: (exact: boolean) => void;
};

/** Whether a told number is exact or measured, changed in one touch: exact ones limit no figures. */
export function Exactness({ exact, about, onChange }: Props) {
	return (
		<Button label={exact ? 'exact' : 'measured'} say={words.takeItAs(about, exact)} onPress={() => onChange(!exact)} />
	);
}

/** The same of the number a problem starts from, with the words before it. */
export function ExactStart({ exact, about, onDo }: Pick<Props, 'exact' | 'about'> & Pick<FieldProps, 'onDo'>) {
	const styles = useStyles();
	return (
		<Box style={styles.row}>
			<Words size="small" tone="soft">
				{words.itsNumberIs}
			</Words>
			<Exactness exact={exact} about={about} onChange={(next) => onDo({ do: 'exactStart', exact: next })} />
		</Box>
	);
}

const useStyles = makeStyles(() => ({ row: { flexDirection: 'row', alignItems: 'center', gap: GAP.s } }));
