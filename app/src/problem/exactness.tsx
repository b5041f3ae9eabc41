import { Button } from '../ui/button';

type Props = {
	readonly exact: boolean;
	/** What it is said of, for those who hear it: "12 jars". */
	readonly about: string;
	readonly onChange: (exact: boolean) => void;
};

/** Whether a told number is exact or measured, changed in one touch: exact ones limit no figures. */
export function Exactness({ exact, about, onChange }: Props) {
	return (
		<Button
			label={exact ? 'exact' : 'measured'}
			say={`${about}: take it as ${exact ? 'measured' : 'exact'}`}
			onPress={() => onChange(!exact)}
		/>
	);
}
