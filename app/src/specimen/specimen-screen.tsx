import type { Fault } from '@tidy-sum/core';
import { __iconData as Check } from 'lucide-react-native/icons/check';
import { useState } from 'react';
import { GAP, type Palette, SIZE } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button, KINDS } from '../ui/button';
import { Choices } from '../ui/choices';
import { Confirm } from '../ui/confirm';
import { DataTable } from '../ui/data-table';
import { Field } from '../ui/field';
import { Fold } from '../ui/fold';
import { Fraction } from '../ui/fraction';
import { FromTo } from '../ui/from-to';
import { Key } from '../ui/key';
import { LinkRow } from '../ui/link-row';
import { Notice } from '../ui/notice';
import { Page } from '../ui/page';
import { Panel } from '../ui/panel';
import { Part } from '../ui/part';
import { PartsBar } from '../ui/parts-bar';
import { SOCKET_STATES, Sockets } from '../ui/sockets';
import { type TokenState, UnitToken } from '../ui/unit-token';
import { Words } from '../ui/words';
import * as words from './words';

const nothing = () => {};

const TOKENS: readonly { readonly state: TokenState; readonly symbol: string; readonly about: string }[] = [
	{ state: 'must-go', symbol: 'mi', about: words.mustGo },
	{ state: 'wanted', symbol: 'ft', about: words.wanted },
	{ state: 'cancelled', symbol: 'h', about: words.cancelled },
];

const CHOICES = [
	{ value: 'one', label: words.one },
	{ value: 'two', label: words.two, say: words.beside },
	{ value: 'three', label: words.three },
];

const LAYOUTS = [
	{ layout: 'rows', label: words.inRows },
	{ layout: 'row', label: words.inARow },
	{ layout: 'column', label: words.inAColumn },
] as const;

const FAULT: Fault = { code: 'not-a-number', at: [0, 2], message: words.faultSays };

function Colours() {
	const styles = useStyles();
	const palette = usePalette();
	return (
		<Part title={words.colours}>
			<Box style={styles.row}>
				{Object.entries(palette).map(([name, colour]) => (
					<Box key={name} style={styles.colour}>
						<Box style={[styles.patch, { backgroundColor: colour }]} />
						<Words size="small">{name}</Words>
					</Box>
				))}
			</Box>
		</Part>
	);
}

function Type() {
	return (
		<Part title={words.type}>
			{Object.entries(SIZE).map(([name, pixels]) => (
				<Words key={name} size={name as keyof typeof SIZE}>
					{words.sizeOf(name, pixels)}
				</Words>
			))}
			<Words strong>{words.aRow}</Words>
			<Words tone="soft">{words.rowSays}</Words>
			<Words mono>{words.placeholder}</Words>
		</Part>
	);
}

function Buttons() {
	const styles = useStyles();
	return (
		<Part title={words.buttons}>
			{KINDS.map((kind) => (
				<Box key={kind} style={styles.row}>
					<Button kind={kind} label={words.kindOf(kind)} onPress={nothing} />
					<Button kind={kind} label={words.kindOn(kind)} on onPress={nothing} />
					<Button kind={kind} label={words.kindOff(kind)} disabled onPress={nothing} />
					<Button kind={kind} label={words.withItsKey} say={words.beside} icon={Check} onPress={nothing} />
				</Box>
			))}
			<Box style={styles.row}>
				{['7', '8', '9'].map((shows) => (
					<Box key={shows} style={styles.key}>
						<Key shows={shows} onPress={nothing} testID={`key-${shows}`} />
					</Box>
				))}
			</Box>
			<Confirm
				label={words.askFirst}
				question={words.question}
				yes={words.yes}
				no={words.no}
				onYes={nothing}
				testID="specimen-confirm"
			/>
		</Part>
	);
}

function Units() {
	const styles = useStyles();
	return (
		<Part title={words.tokens}>
			<Box style={styles.row}>
				{TOKENS.map(({ state, symbol, about }) => (
					<UnitToken key={state} symbol={symbol} state={state} letter="a" onTouch={nothing} about={about} say={about} />
				))}
				<Fraction top={<Words>{words.feet}</Words>} bottom={<Words>{words.mile}</Words>} />
				<Fraction tall top={<Words>{words.dose}</Words>} bottom={<Words>{words.massTime}</Words>} />
			</Box>
		</Part>
	);
}

function Progress() {
	const styles = useStyles();
	const palette: Palette = usePalette();
	return (
		<Part title={words.progress}>
			<Words size="small">{words.aWeek}</Words>
			<Sockets states={[...SOCKET_STATES, 'filled', 'filled', 'to-come']} says={words.socketsSay} />
			<Words size="small">{words.fromOverTo}</Words>
			<Box style={styles.row}>
				<FromTo from="26.0 mi/h" to="ft/s" />
				<FromTo from="454 g" to="kg" isDone />
				<FromTo from="" to="km" />
			</Box>
			<PartsBar
				parts={[
					{ name: 'right', count: 6, colour: palette.pine },
					{ name: 'helped', count: 3, colour: palette.fern },
					{ name: 'wrong', count: 1, colour: palette.look },
				]}
				most={12}
				height={18}
				says={words.parts}
			/>
		</Part>
	);
}

function ChosenOf() {
	const [chosen, setChosen] = useState('two');
	return (
		<Part title={words.choices}>
			{LAYOUTS.map(({ layout, label }) => (
				<Choices
					key={layout}
					label={label}
					choices={CHOICES}
					chosen={chosen}
					layout={layout}
					onChoose={setChosen}
					testID={`specimen-${layout}`}
				/>
			))}
		</Part>
	);
}

function Fields() {
	const [text, setText] = useState('');
	return (
		<Part title={words.fields}>
			<Field
				label={words.empty}
				named
				value={text}
				onChange={setText}
				placeholder={words.placeholder}
				testID="specimen-empty"
			/>
			<Field
				label={words.filled}
				named
				value="3.2 km"
				onChange={nothing}
				reads={words.reads}
				testID="specimen-filled"
			/>
			<Field label={words.faulty} named value="km" onChange={nothing} fault={FAULT} testID="specimen-fault" />
		</Part>
	);
}

function Lists() {
	const [by, setBy] = useState(0);
	return (
		<Part title={words.lists}>
			<Box role="list">
				<LinkRow title={words.aRow} says={words.rowSays} onOpen={nothing} testID="specimen-row" />
				<LinkRow
					title={words.aRow}
					says={words.doneSays}
					lead={<FromTo from="26.0 mi/h" to="ft/s" isDone />}
					onOpen={nothing}
					testID="specimen-led"
				/>
			</Box>
			<Fold title={words.folded} says={words.foldSays} testID="specimen-fold">
				<Words>{words.inTheFold}</Words>
			</Fold>
			<Fold title={words.folded} open testID="specimen-open">
				<Words>{words.inTheFold}</Words>
			</Fold>
			<DataTable
				label={words.aTable}
				heads={words.heads}
				rows={words.tableRows.map((cells) => ({ key: cells[0], cells }))}
				sort={{ by, down: false, onSort: setBy }}
			/>
		</Part>
	);
}

function Says() {
	return (
		<Part title={words.says}>
			<Notice>{words.aNotice}</Notice>
			<Panel title={words.aPanel} onClose={nothing}>
				<Words>{words.inThePanel}</Words>
			</Panel>
		</Part>
	);
}

/** Every component in every state, to be looked at in the light and in the dark; a new component gets its place here. */
export function SpecimenScreen() {
	return (
		<Page
			title={words.specimen}
			says={words.eachPartInEachState}
			testID="specimen"
			full
			beside={
				<>
					<ChosenOf />
					<Fields />
					<Lists />
					<Says />
				</>
			}
		>
			<Type />
			<Colours />
			<Buttons />
			<Units />
			<Progress />
		</Page>
	);
}

const useStyles = makeStyles((palette) => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: GAP.s },
	colour: { width: 96, gap: GAP.xs },
	patch: { height: 44, borderWidth: 1, borderColor: palette.edge },
	key: { width: 64, height: 56 },
}));
