import { listed, quoted, sayFactor, toSuperscript } from '@tidy-sum/core';
import TurnOver from 'lucide-react-native/icons/arrow-up-down';
import Trash from 'lucide-react-native/icons/trash';
import { View } from 'react-native';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Button } from '../../ui/button';
import { Panel } from '../../ui/panel';
import { Words } from '../../ui/words';
import { mustGoOf, sayBlock } from '../describe';
import type { DeskView } from '../use-desk';

type Props = {
	readonly view: DeskView;
	readonly index: number;
	readonly onTurn: () => void;
	readonly onRaise: (power: number) => void;
	readonly onRemove: () => void;
	readonly onClose?: () => void;
};

const POWERS = [1, 2, 3] as const;

/** One block of the line: what it did, and what can be done with it. */
export function BlockPanel({ view, index, onTurn, onRaise, onRemove, onClose }: Props) {
	const styles = useStyles();
	const factor = view.blocks[index]?.factor;
	if (!factor) return null;
	const said = sayBlock(view.worked, index);
	const left = mustGoOf(view.columns).map(({ base }) => base);
	const next = view.worked.reached
		? 'The line closes. Work the numbers and write the answer.'
		: left.length
			? `Still to go: ${listed([...new Set(left)].map(quoted))}.`
			: '';
	return (
		<Panel title={`Block ${index + 1}`} testID="block" {...(onClose ? { onClose } : {})}>
			<Words tone={said.turn ? 'look' : 'ink'} role="status" aria-live="polite" testID="block-says">
				{said.text} {said.turn ? '' : next}
			</Words>
			<View style={styles.row}>
				<Button
					label="Turn over"
					icon={TurnOver}
					kind={said.turn ? 'strong' : 'plain'}
					onPress={onTurn}
					testID="turn"
				/>
				<Button label="Remove" icon={Trash} onPress={onRemove} testID="remove" />
			</View>
			<View style={styles.row} role="group" aria-label={`Raise ${sayFactor({ ...factor, power: 1 })} to a power`}>
				<Words size="small" tone="soft">
					Raise it all
				</Words>
				{POWERS.map((power) => (
					<Button
						key={power}
						label={power === 1 ? 'no' : `( )${toSuperscript(power)}`}
						say={power === 1 ? 'power' : `to the power ${power}`}
						on={(factor.power ?? 1) === power}
						onPress={() => onRaise(power)}
						testID={`power-${power}`}
					/>
				))}
			</View>
		</Panel>
	);
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: GAP.s },
}));
