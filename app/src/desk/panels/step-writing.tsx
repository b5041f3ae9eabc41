import { parseNumeral } from '@tidy-sum/core';
import type { SingleStep } from '@tidy-sum/schema';
import { View } from 'react-native';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Choices } from '../../ui/choices';
import { Field } from '../../ui/field';
import type { DeskView } from '../../work/desk-view';

/** The other scale with degrees of the same size, on which a shifted reading goes on. */
const SAME_DEGREES: Readonly<Record<string, string>> = { '°C': 'K', K: '°C' };

type Props = {
	readonly view: DeskView;
	readonly index: number;
	readonly onDo: (...steps: readonly SingleStep[]) => void;
};

/** A step that adds or takes away: a number, and for temperatures the scale it is read on from there. */
export function StepWriting({ view, index, onDo }: Props) {
	const styles = useStyles();
	const block = view.blocks[index];
	if (!block) return null;
	const { shift = '', top, bottom } = block.factor;
	const minus = /^\s*[-−]/.test(shift);
	const size = shift.replace(/^\s*[-−+]/, '');
	const before = view.worked.running[index]?.unit ?? '';
	const other = SAME_DEGREES[top.unit === '' ? before : bottom.unit];
	const here = top.unit === '' ? before : bottom.unit;
	const read = size.trim() === '' ? null : parseNumeral(size);
	const write = (number: string) => onDo({ do: 'write', block: block.id, side: 'shift', number, unit: '' });
	const scale = (to: string) => {
		const one = (unit: string) => ({ number: '1', unit });
		const [above, below] = to === here ? [one(''), one('')] : [one(to), one(here)];
		onDo(
			{ do: 'write', block: block.id, side: 'top', ...above },
			{ do: 'write', block: block.id, side: 'bottom', ...below },
		);
	};
	return (
		<View style={styles.writing}>
			<Choices
				label="This step"
				choices={[
					{ value: 'add', label: 'Adds' },
					{ value: 'take', label: 'Takes away' },
				]}
				chosen={minus ? 'take' : 'add'}
				onChoose={(way) => write(way === 'take' ? `-${size}` : size)}
				testID="shift"
			/>
			<Field
				label={`How much, in ${here}`}
				named
				value={size}
				onChange={(text) => write(minus ? `-${text}` : text)}
				fault={read && !read.ok ? read.fault : null}
				testID="shift-number"
			/>
			{other ? (
				<Choices
					label="And from there it is read in"
					choices={[here, other].map((unit) => ({ value: unit, label: unit }))}
					chosen={top.unit === '' ? here : top.unit}
					onChoose={scale}
					testID="shift-to"
				/>
			) : null}
		</View>
	);
}

const useStyles = makeStyles(() => ({ writing: { gap: GAP.s } }));
