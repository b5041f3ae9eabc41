import { type Fault, good, type Outcome } from '../numeral/fault';
import type { Numeral } from '../numeral/numeral';
import { withPi } from '../numeral/pi';
import type { Unit } from '../unit/unit';
import { unitOfParts } from '../unit/unit-of-parts';
import { cancel } from './cancel';
import { type Chain, START } from './chain';
import { exactText } from './exact-text';
import { type ReadBlock, readChain } from './read-chain';
import type { ReadStep } from './steps/step-kind';

/** A whole number as keyed: a small minus stands before it. */
function signed(negative: boolean, text: string): string {
	return negative ? `-${text}` : text;
}

/** One number as it is keyed on a scientific calculator; fractions and pi in brackets of their own. */
export function keysOfNumeral({ form }: Numeral): string {
	switch (form.kind) {
		case 'power':
			return signed(form.negative, `1 EE ${form.exponent}`);
		case 'decimal':
			return signed(form.negative, form.exponent === null ? form.digits : `${form.digits} EE ${form.exponent}`);
		case 'fraction': {
			const part = `${form.top} ÷ ${form.bottom}`;
			return signed(form.negative, `( ${form.whole === null ? part : `${form.whole} + ${part}`} )`);
		}
		case 'pi': {
			const times = form.times === '1' ? 'π' : `${form.times} × π`;
			const whole = form.over === '1' ? times : `${times} ÷ ${form.over}`;
			return signed(form.negative, whole === 'π' ? whole : `( ${whole} )`);
		}
	}
}

function isWrittenOne({ form }: Numeral): boolean {
	return form.kind === 'decimal' && !form.negative && form.digits === '1' && form.exponent === null;
}

function missing(field: string): { ok: false; fault: Fault } {
	return { ok: false, fault: { code: 'empty', message: 'Write a number first.', in: field } };
}

/** Where a number that is still missing stands, as a field of the chain; null when none is. */
function missingIn(blocks: readonly ReadBlock[]): string | null {
	for (const [i, { top, bottom }] of blocks.entries()) {
		const name = i + START === START ? 'start' : `factors.${i + START}`;
		if (!top.number) return i === 0 && !bottom ? `${name}.number` : `${name}.top.number`;
		if (bottom && !bottom.number) return `${name}.bottom.number`;
	}
	return null;
}

/** The keys of one run of multiplying: across the top, then divided by the bottom. */
function keysOfRun(blocks: readonly ReadBlock[], before: string | null): string {
	const side = (which: 'top' | 'bottom') =>
		blocks.flatMap((block) => {
			const number = block[which]?.number;
			return number && !isWrittenOne(number) ? Array<string>(block.power).fill(keysOfNumeral(number)) : [];
		});
	const bottom = side('bottom');
	const top = side('top');
	const runs = top.length + bottom.length > 0;
	const led = before === null ? top : [runs && / [+−] /.test(before) ? `( ${before} )` : before, ...top];
	const below = bottom.length > 1 ? `( ${bottom.join(' × ')} )` : (bottom[0] ?? '');
	return `${led.join(' × ') || '1'}${below && ` ÷ ${below}`}`;
}

/** What is added, as keyed after what stands: "+ 273.15", "− 32", "− 96" for 8 ft where inches stand. */
function keysOfAdded(text: string): string {
	return text.startsWith('-') ? `− ${text.slice(1)}` : `+ ${text}`;
}

/** What a step adds, as keyed; null where a number or the unit for it is missing. */
function addedBy({ kind, quantity }: ReadStep, unit: Unit): string | null {
	const added = kind.adds(quantity, unit);
	if (!added) return null;
	if (quantity.number && added.value.equals(quantity.number.value)) return keysOfNumeral(quantity.number);
	return exactText(withPi(added.value, added.pi));
}

/**
 * What to press on a scientific calculator to work a line: across the top, then divided by the bottom,
 * which needs brackets when it has more than one number; a written 1 changes nothing and is not pressed.
 * Where a step adds, what came before it is bracketed for what follows; the parts of a sum follow each other.
 * @returns the keys, spaced, or a fault of the line; `empty` where a number is still missing.
 */
export function keysOf(chain: Chain): Outcome<{ readonly keys: string; readonly counted: readonly string[] }> {
	const read = readChain(chain);
	if (!read.ok) return read;
	const { start, factors, counted } = read.value;
	const lacks = missingIn([start, ...factors]);
	if (lacks !== null) return missing(lacks);
	const stands = factors.some(({ step }) => step) ? cancel(read.value).standing : [];
	const parts: string[] = [];
	let run: ReadBlock[] = [start];
	let keys: string | null = null;
	const now = () => (run.length || keys === null ? keysOfRun(run, keys) : keys);
	for (const [i, factor] of factors.entries()) {
		const { step } = factor;
		if (step?.kind.begins) {
			parts.push(now());
			run = [factor];
			keys = null;
			continue;
		}
		run.push(factor);
		if (!step) continue;
		const added = addedBy(step, unitOfParts(stands[i + 1] ?? []));
		if (added === null) return missing(`factors.${i}.${step.kind.field}`);
		keys = `${keysOfRun(run, keys)} ${keysOfAdded(added)}`;
		run = [];
	}
	return good({ keys: `${[...parts, now()].join(' + ')} =`, counted });
}
