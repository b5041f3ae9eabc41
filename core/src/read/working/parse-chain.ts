import type { Factor, Start } from '../../chain/chain';
import { addingStep, termStep } from '../../chain/chain';
import type { Span } from '../../numeral/fault';
import type { Quantity } from '../../quantity/quantity';
import { parseUnit } from '../../unit/parse-unit';
import { printUnit } from '../../unit/print-unit';
import type { Sign, Token } from './tokens';

/** A quantity as it is written; `cut` where its last digits are left out. */
export type WrittenValue = Quantity & { readonly cut?: true };

/** One quantity, or one over another, raised as a whole. */
type Block = { readonly top: WrittenValue; readonly bottom: Quantity | null; readonly power: number };

/** What follows the start of a written line: a factor, or a value claimed on the way. */
export type Item =
	| { readonly is: 'factor'; readonly factor: Factor }
	| { readonly is: 'claim'; readonly value: WrittenValue };

/** A run of a working that hangs together: what it begins with, null where it goes on from the line before; and what follows. */
export type Run = { readonly start: Start | null; readonly items: readonly Item[]; readonly at: Span };

const NOTHING: Quantity = { number: '1', unit: '' };

/** A unit cut at its bar: what is above, and what is below with positive powers. */
function sidesOf(unit: string): { readonly above: string; readonly below: string } | null {
	const read = parseUnit(unit, { counted: true });
	if (!read.ok || !read.value.parts.some(({ power }) => power < 0)) return null;
	const above = read.value.parts.filter(({ power }) => power > 0);
	const below = read.value.parts.filter(({ power }) => power < 0).map((part) => ({ ...part, power: -part.power }));
	return { above: printUnit(above), below: printUnit(below) };
}

/** A block as a factor; a rate written as one quantity is over one of its whole bottom. */
function factorOf({ top, bottom, power }: Block): Factor {
	const sides = bottom ? null : sidesOf(top.unit);
	const made: Factor = sides
		? { top: { number: top.number, unit: sides.above }, bottom: { number: '1', unit: sides.below } }
		: { top, bottom: bottom ?? NOTHING };
	return power > 1 ? { ...made, power } : made;
}

function turned(factor: Factor): Factor {
	return { ...factor, top: factor.bottom, bottom: factor.top };
}

/** The most brackets within each other that are read. */
const DEPTH_LIMIT = 6;

/** Reads the tokens of one sentence or line of a working from the left. */
class Reader {
	private i = 0;
	private depth = 0;

	constructor(private readonly tokens: readonly Token[]) {}

	private is(kind: Sign | 'quantity', ahead = 0): boolean {
		return this.tokens[this.i + ahead]?.kind === kind;
	}

	private quantity(): WrittenValue | null {
		const token = this.tokens[this.i];
		if (token?.kind !== 'quantity') return null;
		this.i += 1;
		return { number: token.number, unit: token.unit, ...(token.cut ? { cut: true } : {}) };
	}

	private power(): number {
		const token = this.tokens[this.i];
		if (token?.kind !== 'power') return 1;
		this.i += 1;
		const digits = token.text.replace(/[⁰¹²³⁴⁵⁶⁷⁸⁹]/gu, (sign) => `${'⁰¹²³⁴⁵⁶⁷⁸⁹'.indexOf(sign)}`).replace(/\D/g, '');
		return Number(digits) || 1;
	}

	/** What is in a bracket, as long as there are not too many within each other. */
	private within<T>(read: () => T | null): T | null {
		if (this.depth >= DEPTH_LIMIT) return null;
		this.depth += 1;
		const made = read();
		this.depth -= 1;
		return made;
	}

	/** A quantity, perhaps over another; or what is in brackets, raised. */
	private block(): Block | null {
		if (this.is('open')) {
			const before = this.i;
			this.i += 1;
			const inner = this.within(() => this.block());
			if (!inner || !this.is('close')) {
				this.i = before;
				return null;
			}
			this.i += 1;
			const power = inner.power * this.power();
			// (12 in) / (1 ft): each side in brackets of its own.
			return inner.bottom || power > 1 ? { ...inner, power } : this.over(inner.top);
		}
		const top = this.quantity();
		return top && this.over(top);
	}

	private over(top: Quantity): Block {
		if (!this.is('over')) return { top, bottom: null, power: 1 };
		const before = this.i;
		this.i += 1;
		const inBrackets = this.is('open') && this.is('quantity', 1) && this.is('close', 2);
		if (inBrackets) this.i += 1;
		const bottom = this.quantity();
		if (inBrackets) this.i += 1;
		if (!bottom) this.i = before;
		return { top, bottom, power: 1 };
	}

	/** A quantity that is added: by itself, or over a plain 1 as LaTeX has it. */
	private part(): WrittenValue | null {
		const before = this.i;
		const block = this.is('open') ? this.block() : this.quantity();
		if (!block || !('top' in block)) return block;
		if (block.bottom?.number === '1' && block.bottom.unit === '' && block.power === 1) return block.top;
		this.i = before;
		return null;
	}

	/** The next token on the line; null at the end. */
	private item(): Item | null {
		const before = this.i;
		const sign = this.tokens[this.i]?.kind;
		if (sign === 'open') {
			// Side by side only fractions multiply: words in brackets are no part of a line.
			const block = this.block();
			if (block?.bottom) return { is: 'factor', factor: factorOf(block) };
			this.i = before;
			return null;
		}
		this.i += 1;
		if (sign === 'times' || sign === 'divided') {
			const block = this.block();
			if (block) return { is: 'factor', factor: sign === 'times' ? factorOf(block) : turned(factorOf(block)) };
		}
		if (sign === 'plus' || sign === 'minus') {
			const added = this.part();
			// What is multiplied further is a part of a sum by itself, and its factors are its own.
			const isPart = sign === 'plus' && added?.unit && (this.is('times') || this.is('divided'));
			if (added && isPart) return { is: 'factor', factor: termStep({ number: added.number, unit: added.unit }) };
			if (added) return { is: 'factor', factor: addingStep(`${sign === 'minus' ? '-' : ''}${added.number}`) };
		}
		if (sign === 'is') {
			while (this.is('is')) this.i += 1;
			const minus = this.is('minus') && this.is('quantity', 1);
			if (minus) this.i += 1;
			const value = this.block();
			if (value && !value.bottom && value.power === 1)
				return { is: 'claim', value: minus ? { ...value.top, number: `-${value.top.number}` } : value.top };
		}
		this.i = before;
		return null;
	}

	/** What a line begins with: a block, or a bracket that holds its first steps; with the steps in it. */
	private head(): { readonly start: Start; readonly items: readonly Item[] } | null {
		const minus = this.is('minus') && this.is('quantity', 1);
		if (minus) this.i += 1;
		const block = this.block();
		if (block) {
			const top = minus ? { ...block.top, number: `-${block.top.number}` } : block.top;
			const { bottom } = block;
			// Over a plain 1 it is the quantity itself.
			const isOver = bottom !== null && !(bottom.number === '1' && bottom.unit === '');
			return { start: isOver ? { top, bottom } : top, items: [] };
		}
		if (!this.is('open')) return null;
		const before = this.i;
		this.i += 1;
		const inner = this.within(() => this.head());
		const items = inner ? [...inner.items, ...this.items()] : [];
		if (!inner || !this.is('close')) {
			this.i = before;
			return null;
		}
		this.i += 1;
		return { start: inner.start, items };
	}

	private items(): readonly Item[] {
		const items: Item[] = [];
		for (let item = this.item(); item; item = this.item()) items.push(item);
		return items;
	}

	runs(): readonly Run[] {
		const runs: Run[] = [];
		while (this.i < this.tokens.length) {
			const first = this.i;
			const goesOn = this.is('times') || this.is('divided');
			const head = goesOn ? null : this.head();
			const items = head || goesOn ? [...(head?.items ?? []), ...this.items()] : [];
			if (this.i === first) {
				this.i += 1;
				continue;
			}
			const at: Span = [this.tokens[first]?.from ?? 0, this.tokens[this.i - 1]?.to ?? 0];
			runs.push({ start: head?.start ?? null, items, at });
		}
		return runs;
	}
}

/** The runs of one line or sentence of a working: what it begins with, the factors it takes, the values it claims. */
export function runsOf(tokens: readonly Token[]): readonly Run[] {
	return new Reader(tokens).runs();
}
