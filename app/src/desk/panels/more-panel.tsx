import { factTable, type GoesBy, listed, printQuantity } from '@tidy-sum/core';
import { TablesInUse } from '../../fact/tables-in-use';
import { useShelf } from '../../store/use-desk';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Button } from '../../ui/button';
import { Choices } from '../../ui/choices';
import { Words } from '../../ui/words';
import { SHELF_PARTS } from '../../ways/shelf-parts';
import type { Support } from '../../work/my-shelf';
import { chosenNumbers, type NumbersWay } from '../../work/numbers';
import { PanelFrame } from '../panel-frame';
import type { PanelProps } from '../panel-row';

declare module '../../work/panel-slice' {
	interface Panels {
		readonly more: object;
	}
}

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

const NUMBERS: readonly { readonly value: NumbersWay; readonly label: string }[] = [
	{ value: 'worked', label: 'worked' },
	{ value: 'laid-out', label: 'laid out' },
	{ value: 'covered', label: 'covered' },
];

const NUMBERS_SAY: Readonly<Record<NumbersWay, string>> = {
	worked: 'The products and the result stand under the line.',
	'laid-out': 'The products above and below stand under the line; you divide.',
	covered: 'You work the numbers yourself, from the line.',
};

/** What the class goes by that an exercise came with, in a sentence; '' where it says nothing of what is chosen here. */
function sayGoesBy({ support, numbers, tables, ties }: GoesBy = {}): string {
	const says = [
		support && `${SUPPORT.find(({ value }) => value === support)?.label} support`,
		numbers && `numbers ${NUMBERS.find(({ value }) => value === numbers)?.label}`,
		tables && `the tables of ${listed(tables.map((name) => factTable(name).title))}`,
		ties && `a half rounded ${ties === 'even' ? 'to the even digit' : 'away from zero'}`,
	].filter((one) => one !== undefined);
	return says.length
		? `This problem came with what its class goes by: ${listed(says)}. That holds here, whatever is chosen.`
		: '';
}

/** Everything that is not needed at each touch: the support, the tables in use, and the other views of the work. */
export function MorePanel({ view, acts }: PanelProps<'more'>) {
	const shelf = useShelf();
	const { onShelf, show } = acts;
	const styles = useStyles();
	const byClass = sayGoesBy(view.exercise.goesBy);
	return (
		<PanelFrame>
			{byClass ? (
				<Words size="small" testID="goes-by">
					{byClass}
				</Words>
			) : null}
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
			<Choices
				label="The numbers of the line"
				choices={NUMBERS}
				chosen={chosenNumbers(shelf)}
				onChoose={(way) => onShelf({ do: 'numbers', way })}
				testID="numbers-way"
			/>
			<Words size="small" tone="soft" aria-live="polite" testID="numbers-say">
				{NUMBERS_SAY[chosenNumbers(shelf)]} A Round is laid out, whatever is chosen here.
			</Words>
			<Box style={styles.row}>
				<Button label="Calculator" onPress={() => show({ kind: 'calculator' })} testID="more-calculator" />
				<Button label="Side by side" onPress={() => show({ kind: 'beside' })} testID="more-beside" />
				<Button label="Take the result on" onPress={() => show({ kind: 'take' })} testID="more-take" />
				<Button label="Hand in" onPress={acts.onHandIn} testID="more-hand-in" />
				<Button label="Try it anew" say="and keep this line beside it" onPress={acts.onAnew} testID="more-anew" />
				<Button label="Bring a problem" onPress={acts.onBring} testID="more-own" />
				<Button
					label="Replay"
					say="how this line came about"
					onPress={() => acts.go(`/replay/${view.exercise.name}`)}
					testID="more-replay"
				/>
				<Button label="A working" say="laid beside this line" onPress={acts.onWorking} testID="more-working" />
				<Button label="Mark a class’s answers" onPress={() => acts.go('/marking')} testID="more-marking" />
				<Button label="Keys of the keyboard" onPress={() => show({ kind: 'keys' })} testID="more-keys" />
			</Box>
			<Box role="group" aria-label="On the Shelf" style={styles.group}>
				<Words size="small" tone="soft" aria-hidden>
					On the Shelf
				</Words>
				<Box style={styles.row}>
					{SHELF_PARTS.map(({ name, title, says }) => (
						<Button
							key={name}
							label={title}
							say={says}
							onPress={() => acts.go(`/shelf/${name}`)}
							testID={`more-${name}`}
						/>
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
		</PanelFrame>
	);
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	group: { gap: GAP.xs },
	fact: { flexDirection: 'row', alignItems: 'center', justifyContent: 'space-between', gap: GAP.m },
}));
