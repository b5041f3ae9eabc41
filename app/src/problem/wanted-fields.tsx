import { parseUnit, unitWord, type Want } from '@tidy-sum/core';
import { formOf, posedBy, readWanted, WANTS_POSED, type WantForm, wantText } from '@tidy-sum/core/help';
import { useState } from 'react';
import { Choices } from '../ui/choices';
import { PadField } from '../ui/pad-field';
import type { FieldProps } from './field-props';
import * as words from './words';

const FORMS: readonly { readonly value: NonNullable<WantForm> | 'any'; readonly label: string }[] = [
	{ value: 'any', label: words.anyForm },
	{ value: 'scientific', label: 'scientific' },
	{ value: 'plain', label: 'plain' },
	{ value: 'fraction', label: words.aFraction },
];

/** What is wanted: of which kind, its unit or number, and the form of its number. */
export function WantedFields({ own, onDo, pad, units, onEnter }: FieldProps) {
	const [way, setWay] = useState(posedBy(own.asked));
	const [typed, setTyped] = useState<string | null>(null);
	// What is read of the text shows until one types here.
	const told = wantText(own.asked);
	const text = typed ?? told;
	const form = formOf(own.asked);
	const ask = (want: Want | null) => onDo({ do: 'ask', want });
	const isQuantity = way.name === 'quantity';
	const unit = parseUnit(isQuantity ? (own.want ?? '') : '', { counted: true });
	const wanted = readWanted(text);
	const isInParts = wanted.ok && wanted.value.parts.length > 0;
	const counted = unit.ok ? unit.value.counted : [];
	return (
		<>
			<Choices
				label={words.theAnswerIs}
				choices={WANTS_POSED.map(({ name, says }) => ({ value: name, label: says }))}
				chosen={way.name}
				onChoose={(name) => {
					const next = WANTS_POSED.find((one) => one.name === name) ?? way;
					setWay(next);
					setTyped('');
					ask(next.name === 'quantity' ? null : next.read('', null));
				}}
				testID="own-kind"
			/>
			<PadField
				label={way.label}
				placeholder={way.placeholder}
				named
				value={text}
				onChange={(next) => {
					setTyped(next);
					ask(way.read(next, form));
				}}
				onEnter={onEnter}
				fault={text.trim() === '' ? null : way.fault(text)}
				reads={counted.length ? words.isReadAsAThingYouCount(counted.map(unitWord).join(' and ')) : ''}
				pad={pad}
				units={units}
				more={isQuantity ? ['/', words.andLabel] : []}
				testID="own-want"
			/>
			{isQuantity && text.trim() !== '' && !isInParts ? (
				<Choices
					label={words.writeItsNumberIn}
					choices={FORMS}
					chosen={form ?? 'any'}
					onChoose={(next) => ask(way.read(text, next === 'any' ? null : next))}
					testID="own-form"
				/>
			) : null}
		</>
	);
}
