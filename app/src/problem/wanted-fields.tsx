import { parseNumeral, parseUnit, quoted, type Want } from '@tidy-sum/core';
import { readWanted } from '@tidy-sum/core/help';
import type { SingleStep } from '@tidy-sum/schema';
import { useState } from 'react';
import { Choices } from '../ui/choices';
import { PadField } from '../ui/pad-field';
import type { FieldProps } from './field-props';

/** What an answer may be, by the field of `want` that asks for it. */
type Kind = 'quantity' | 'factor' | 'figures';

const KINDS: readonly { readonly value: Kind; readonly label: string }[] = [
	{ value: 'quantity', label: 'a quantity' },
	{ value: 'factor', label: 'one factor only' },
	{ value: 'figures', label: 'how many figures' },
];

function kindOf(want: Want | null): Kind {
	if (want && 'factor' in want) return 'factor';
	return want && 'figures' in want ? 'figures' : 'quantity';
}

/** What is wanted, as it is typed. */
function wantText(want: Want | null): string {
	if (!want) return '';
	if ('mixed' in want) return want.mixed.join(' and ');
	if ('unit' in want) return want.unit;
	return 'factor' in want ? want.factor : 'figures' in want ? want.figures : '';
}

type Form = 'any' | 'scientific' | 'plain' | 'fraction';

const FORMS: readonly { readonly value: Form; readonly label: string }[] = [
	{ value: 'any', label: 'any form' },
	{ value: 'scientific', label: 'scientific' },
	{ value: 'plain', label: 'plain' },
	{ value: 'fraction', label: 'a fraction' },
];

/** What is typed as wanted, as a step; what cannot be read yet is kept as it is typed. */
function wantStep(kind: Kind, text: string, form: Form): SingleStep {
	if (kind === 'factor') return { do: 'ask', want: { factor: text } };
	if (kind === 'figures') return { do: 'ask', want: { figures: text } };
	const read = readWanted(text);
	const parts = read.ok ? read.value.parts : [];
	if (parts.length) return { do: 'ask', want: { mixed: [...parts] } };
	return { do: 'ask', want: { unit: text, ...(form === 'any' ? {} : { form }) } };
}

/** What is wrong with what is wanted, as it is typed; null where nothing is. */
function wantFault(kind: Kind, text: string) {
	if (text.trim() === '') return null;
	const read =
		kind === 'figures' ? parseNumeral(text) : kind === 'factor' ? parseUnit(text, { counted: true }) : readWanted(text);
	return read.ok ? null : read.fault;
}

const LABELS: Readonly<Record<Kind, { readonly label: string; readonly placeholder: string }>> = {
	quantity: { label: 'Wanted, a unit, or units of a measure in parts', placeholder: 'mm/min, or ft and in' },
	factor: { label: 'The unit the factor is to lead to', placeholder: 'kJ' },
	figures: { label: 'The number whose figures are counted', placeholder: '0.00450' },
};

/** What is wanted: of which kind, its unit or number, and the form of its number. */
export function WantedFields({ own, onDo, pad, units, onEnter }: FieldProps) {
	const [kind, setKind] = useState(kindOf(own.asked));
	const [typed, setTyped] = useState<string | null>(null);
	// What is read of the text shows until one types here.
	const told = wantText(own.asked);
	const text = typed ?? told;
	const form: Form = own.asked && 'unit' in own.asked ? (own.asked.form ?? 'any') : 'any';
	const unit = parseUnit(kind === 'quantity' ? (own.want ?? '') : '', { counted: true });
	const counted = unit.ok ? unit.value.counted : [];
	return (
		<>
			<Choices
				label="The answer is"
				choices={KINDS}
				chosen={kind}
				onChoose={(next) => {
					setKind(next);
					setTyped('');
					onDo(next === 'quantity' ? { do: 'ask', want: null } : wantStep(next, '', 'any'));
				}}
				testID="own-kind"
			/>
			<PadField
				{...LABELS[kind]}
				named
				value={text}
				onChange={(next) => {
					setTyped(next);
					onDo(wantStep(kind, next, form));
				}}
				onEnter={onEnter}
				fault={wantFault(kind, text)}
				reads={counted.length ? `${counted.map(quoted).join(' and ')} is taken for a counted thing.` : ''}
				pad={pad}
				units={units}
				more={kind === 'quantity' ? ['/', ' and '] : []}
				testID="own-want"
			/>
			{kind === 'quantity' && own.asked && 'unit' in own.asked && own.asked.unit !== '' ? (
				<Choices
					label="Its number is asked for in"
					choices={FORMS}
					chosen={form}
					onChoose={(next) => onDo(wantStep(kind, text, next))}
					testID="own-form"
				/>
			) : null}
		</>
	);
}
