import { askedBy, type Fact, parseUnit, type Quantity, type Start, sidesOfStart } from '@tidy-sum/core';
import { posedBy } from '@tidy-sum/core/help';
import { useState } from 'react';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Choices } from '../ui/choices';
import type { OwnParts } from '../work/exercises';
import type { FieldProps } from './field-props';
import { RoundingFields } from './rounding-fields';
import { StartField } from './start-field';
import { StatedField } from './stated-field';
import { WantedFields } from './wanted-fields';
import * as words from './words';

type Props = Pick<FieldProps, 'own' | 'onDo'> & {
	/** Whether keys of our own are there to type with; they are on a phone. */
	readonly wide: boolean;
	/** Begins a fact with what was touched in the text. */
	readonly half?: string;
};

/** Whether something is a temperature, which may be a reading or a difference. */
function isTemperature(text: string): boolean {
	const unit = parseUnit(text);
	return unit.ok && unit.value.parts.length === 1 && unit.value.kind === KELVIN;
}

function kindOfUnit(text: string): string {
	const unit = parseUnit(text);
	return unit.ok ? unit.value.kind : '';
}

/** How a temperature's kind is told apart. */
const KELVIN = kindOfUnit('K');

function unitsIn(start: Start | null): readonly string[] {
	if (!start) return [];
	const { top, bottom } = sidesOfStart(start);
	return [top.unit, bottom?.unit ?? ''];
}

/** The units of what is told, for the keys. */
function unitsOf({ start, stated, asked }: OwnParts): readonly string[] {
	const sides = stated.flatMap(({ left, right }: Fact): readonly Quantity[] => [left, right]);
	const wanted =
		posedBy(asked).hasLine && asked ? askedBy({ prompt: '', facts: [], rounding: 'none', want: asked }).units : [];
	const units = [...unitsIn(start), ...sides.map(({ unit }) => unit), ...wanted];
	return [...new Set(units.filter((unit) => unit !== '' && unit.length <= 8))].slice(0, 6);
}

/** What a problem is made of, filled in directly: start, wanted, rounding and facts, with keys of our own on a phone. */
export function ProblemFields({ own, onDo, wide, half = '' }: Props) {
	const styles = useStyles();
	const [keyboard, setKeyboard] = useState(wide);
	const [entered, setEntered] = useState('');
	const units = unitsOf(own);
	const fields = (name: string) => ({
		own,
		onDo,
		units,
		pad: !keyboard && entered === name,
		onEnter: () => setEntered(name),
	});
	// Of a number whose figures are counted nothing else is asked.
	const counts = !posedBy(own.asked).hasLine;
	const wanted = own.want ?? '';
	const degrees = [sidesOfStart(own.start ?? NOTHING).top.unit, wanted].every(isTemperature);
	return (
		<Box style={styles.fields}>
			{wide ? null : (
				<Choices
					label={words.typeWith}
					choices={[
						{ value: 'own', label: words.theKeysHere },
						{ value: 'device', label: words.theDevicesKeyboard },
					]}
					chosen={keyboard ? 'device' : 'own'}
					onChoose={(with_) => setKeyboard(with_ === 'device')}
					testID="own-keys"
				/>
			)}
			{counts ? null : <StartField {...fields('start')} />}
			<WantedFields {...fields('want')} />
			{degrees ? (
				<Choices
					label={words.theseTemperaturesAre}
					choices={[
						{ value: 'reading', label: 'readings' },
						{ value: 'difference', label: words.aDifference },
					]}
					chosen={own.difference ? 'difference' : 'reading'}
					onChoose={(kind) => onDo({ do: 'difference', difference: kind === 'difference' })}
					testID="own-difference"
				/>
			) : null}
			{counts ? null : <RoundingFields own={own} onDo={onDo} />}
			{counts ? null : <StatedField key={half} {...fields('fact')} half={half} />}
		</Box>
	);
}

const NOTHING = { number: '', unit: '' };

const useStyles = makeStyles(() => ({
	fields: { gap: GAP.m },
}));
