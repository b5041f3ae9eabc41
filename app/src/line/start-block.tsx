import { printWritten, type Quantity, START, type Start, sayQuantity, sidesOfStart } from '@tidy-sum/core';
import { memo } from 'react';
import { Touch } from '../ui/box';
import { Fraction } from '../ui/fraction';
import { type BlockUnits, NumberOf, Units, useBlockStyles } from './block-parts';
import * as words from './words';

type Props = {
	readonly touched: string | null;
	readonly onUnit: (unit: string) => void;
	readonly onStart: () => void;
	readonly start: Start;
	/** The other end of a range that begins here. */
	readonly until?: Quantity | undefined;
	readonly units: BlockUnits;
	readonly limits: boolean;
	/** What a touch on its number offers. */
	readonly does?: string;
};

/** What a touch on the number of the start offers on the Desk. */
const DOES = words.turnItOverOrChooseWhich;

/** The start over 1, as a rate, or as two quantities; a rate's bottom unit is written in its top quantity. */
export const StartBlock = memo(function StartBlock({
	start,
	until,
	units,
	touched,
	limits,
	does = DOES,
	onUnit,
	onStart,
}: Props) {
	const block = useBlockStyles();
	const sides = sidesOfStart(start);
	// The unit of a range stands once, behind both ends.
	const textOf = (side: 'top' | 'bottom', number: string) =>
		until && side === 'top' ? words.toOfNumber(printWritten(number), printWritten(until.number)) : number;
	const row = (side: 'top' | 'bottom') => {
		const quantity = sides[side];
		const number = quantity?.number ?? (units[side].length ? null : '1');
		return (
			<>
				{quantity ? (
					<Touch
						onTouch={onStart}
						aria-label={words.theStart(
							textOf(side, quantity.number),
							side,
							sayQuantity(quantity),
							until ? sayQuantity(until) : null,
							does,
						)}
						style={block.target}
						testID={`number-start-${side}`}
					>
						<NumberOf text={textOf(side, quantity.number)} limits={limits} />
					</Touch>
				) : number === null ? null : (
					<NumberOf text={number} />
				)}
				<Units units={units[side]} place={`${START}-${side}`} touched={touched} onUnit={onUnit} />
			</>
		);
	};
	return <Fraction tall top={row('top')} bottom={row('bottom')} />;
});
