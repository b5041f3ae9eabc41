import { type Factor, parseNumeral, parseUnit, type Quantity } from '@tidy-sum/core';

const legible = new WeakMap<Factor, Factor>();

function legibleQuantity(quantity: Quantity, below: boolean): Quantity {
	const unit = parseUnit(quantity.unit, { counted: true }).ok ? quantity.unit : '';
	const number = parseNumeral(quantity.number);
	const fine = number.ok && !(below && number.value.value.sign === 0);
	const text = fine || quantity.number.trim() === '' ? quantity.number : '';
	return unit === quantity.unit && text === quantity.number ? quantity : { number: text, unit };
}

/** A factor with what cannot be read left out, so that the rest of the line still works; it stays in what is kept. */
export function legibleFactor(factor: Factor): Factor {
	const known = legible.get(factor);
	if (known) return known;
	const top = legibleQuantity(factor.top, false);
	const bottom = legibleQuantity(factor.bottom, true);
	const shift = factor.shift === undefined || parseNumeral(factor.shift).ok ? factor.shift : '';
	const aside = factor.aside && legibleQuantity(factor.aside, false);
	const term = factor.term && legibleQuantity(factor.term, false);
	const steps = [shift === factor.shift, aside === factor.aside, term === factor.term];
	const same = top === factor.top && bottom === factor.bottom && steps.every(Boolean);
	const made = same
		? factor
		: {
				...factor,
				top,
				bottom,
				...(shift === undefined ? {} : { shift }),
				...(aside === undefined ? {} : { aside }),
				...(term === undefined ? {} : { term }),
			};
	legible.set(factor, made);
	return made;
}
