import { printQuantity } from '@tidy-sum/core';
import type { Step } from '@tidy-sum/schema';
import { SHELF_PARTS } from '../../shelf/parts';
import { TablesInUse } from '../../shelf/tables-in-use';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Button } from '../../ui/button';
import { Choices } from '../../ui/choices';
import { Panel } from '../../ui/panel';
import { Words } from '../../ui/words';
import type { Panel as PanelOf } from '../desk-slice';
import type { Shelf, Support } from '../shelf';

type Props = {
	readonly shelf: Shelf;
	readonly onShelf: (step: Step) => void;
	readonly onPanel: (panel: PanelOf) => void;
	readonly onHandIn: () => void;
	/** To a part of the Shelf, by name. */
	readonly onPart: (part: string) => void;
	readonly onAnew: () => void;
	readonly onOwn: () => void;
	readonly onClose?: () => void;
};

const SUPPORT: readonly { readonly value: Support; readonly label: string }[] = [
	{ value: 'close', label: 'close' },
	{ value: 'light', label: 'light' },
	{ value: 'none', label: 'none' },
];

const SAYS: Readonly<Record<Support, string>> = {
	close: 'Numbers follow the units; a block that cannot cancel, or whose sides are not equal, says so at once.',
	light: 'You write units and numbers; whether top and bottom are equal is said at the check.',
	none: 'Nothing is said until the check.',
};

/** Everything that is not needed at each touch: the support, the tables in use, and the other views of the work. */
export function MorePanel({ shelf, onShelf, onPanel, onHandIn, onPart, onAnew, onOwn, onClose }: Props) {
	const styles = useStyles();
	return (
		<Panel title="More" testID="more" {...(onClose ? { onClose } : {})}>
			<Choices
				label="Support while working"
				choices={SUPPORT}
				chosen={shelf.support}
				onChoose={(level) => onShelf({ do: 'support', level })}
				testID="support"
			/>
			<Words size="small" tone="soft" aria-live="polite" testID="support-says">
				{SAYS[shelf.support]}
			</Words>
			<Box style={styles.row}>
				<Button label="Calculator" onPress={() => onPanel({ kind: 'calculator' })} testID="more-calculator" />
				<Button label="Side by side" onPress={() => onPanel({ kind: 'beside' })} testID="more-beside" />
				<Button label="Take the result on" onPress={() => onPanel({ kind: 'take' })} testID="more-take" />
				<Button label="Hand in" onPress={onHandIn} testID="more-hand-in" />
				<Button label="Try it anew" say="and keep this line beside it" onPress={onAnew} testID="more-anew" />
				<Button label="A problem of my own" onPress={onOwn} testID="more-own" />
				<Button label="Keys of the keyboard" onPress={() => onPanel({ kind: 'keys' })} testID="more-keys" />
			</Box>
			<Box role="group" aria-label="On the Shelf" style={styles.group}>
				<Words size="small" tone="soft" aria-hidden>
					On the Shelf
				</Words>
				<Box style={styles.row}>
					{SHELF_PARTS.map(({ name, title, says }) => (
						<Button key={name} label={title} say={says} onPress={() => onPart(name)} testID={`more-${name}`} />
					))}
				</Box>
			</Box>
			<TablesInUse allowed={shelf.allowed} onShelf={onShelf} />
			{shelf.own.length ? (
				<Box role="list" aria-label="My own facts" style={styles.group}>
					<Words size="small" tone="soft">
						My own facts
					</Words>
					{shelf.own.map(({ id, fact }) => (
						<Box key={id} role="listitem" style={styles.fact}>
							<Words>
								{printQuantity(fact.left)} = {printQuantity(fact.right)}
							</Words>
							<Button
								label="Remove"
								say={`${fact.left.number} ${fact.left.unit}`}
								onPress={() => onShelf({ do: 'drop', id })}
								testID={`drop-${fact.left.unit}`}
							/>
						</Box>
					))}
				</Box>
			) : null}
		</Panel>
	);
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	group: { gap: GAP.xs },
	fact: { flexDirection: 'row', alignItems: 'center', justifyContent: 'space-between', gap: GAP.m },
}));
