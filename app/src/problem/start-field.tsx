import { readStarting, startingText } from '@tidy-sum/core/help';
import { useState } from 'react';
import { PadField } from '../ui/pad-field';
import type { OwnParts } from '../work/exercises';
import { ExactStart } from './exactness';
import type { FieldProps } from './field-props';
import { sayStarting, startingOf, startStep } from './starting';
import * as words from './words';

/** What the problem begins with, as it is typed. */
function startText(own: OwnParts): string {
	const starting = startingOf(own);
	return starting ? startingText(starting) : '';
}

/** What the line starts from: a quantity, one over another, a range, a measure in parts, a sum. */
export function StartField({ own, onDo, pad, units, onEnter }: FieldProps) {
	const [typed, setTyped] = useState<string | null>(null);
	const told = startText(own);
	const text = typed ?? told;
	const read = text.trim() === '' ? null : readStarting(text);
	const type = (next: string) => {
		setTyped(next);
		const made = readStarting(next);
		// What is emptied or cannot be read is no start: the line does not go on from the one before.
		onDo(made.ok ? startStep(made.value) : { do: 'unstart' });
	};
	return (
		<>
			<PadField
				label={words.startFrom}
				named
				value={text}
				onChange={type}
				onEnter={onEnter}
				placeholder={words.inHKmInHToFFtIn}
				fault={read && !read.ok ? read.fault : null}
				reads={read?.ok ? words.readsAs(sayStarting(read.value)) : ''}
				pad={pad}
				units={units}
				more={[words.inLabel, words.toLabel, ' + ']}
				testID="own-start"
			/>
			{own.start ? <ExactStart exact={own.exactStart} about={told} onDo={onDo} /> : null}
		</>
	);
}
