import { bad, good, type Outcome, type Span } from '../numeral/fault';
import { fromSuperscript } from '../numeral/superscript';
import { type Found, findUnit, nearUnits, symbolsInAnyCase } from './find-unit';
import { singular } from './singular';
import { PARTS_LIMIT, POWER_LIMIT, UNIT_TEXT_LIMIT, type Unit, type UnitPart } from './unit';
import { unitOfParts } from './unit-of-parts';
import { SQUARES, stop, UnitFault, type UnitSign, unitSigns } from './unit-signs';

type Options = { readonly counted?: boolean };

/** The longest run of words that is one name: "nautical mile", "degrees Celsius". */
const NAME_WORDS = 5;

/** Money in words and by its codes (ISO 4217), each with its sign; a pound is a mass as well, so only its code is here. */
const MONEY: ReadonlyMap<string, string> = new Map(
	Object.entries({
		EUR: '€',
		euro: '€',
		euros: '€',
		Euro: '€',
		USD: '$',
		dollar: '$',
		dollars: '$',
		GBP: '£',
	}),
);

class Reader {
	private next = 0;
	private readonly counted: string[] = [];

	constructor(
		private readonly text: string,
		private readonly list: readonly UnitSign[],
		private readonly options: Options,
	) {}

	read(): { parts: UnitPart[]; counted: readonly string[] } {
		const parts = this.expression(0);
		const left = this.list[this.next];
		if (left) stop('unit-unclear', 'This bracket closes nothing.', left.at);
		return { parts, counted: this.counted };
	}

	private peek(): UnitSign | undefined {
		return this.list[this.next];
	}

	/** Left to right: a slash divides by what follows it; after "per" all that follows without a sign is below. */
	private expression(depth: number): UnitPart[] {
		const parts: UnitPart[] = [];
		let below = false;
		let first = true;
		for (;;) {
			const token = this.peek();
			if (!token || token.kind === 'close') break;
			let sign = below ? -1 : 1;
			if (token.kind === 'slash' || token.kind === 'per' || token.kind === 'times') {
				this.next += 1;
				const after = this.peek();
				if (!after || ['slash', 'per', 'times', 'close', 'power', 'squared', 'label'].includes(after.kind))
					stop(
						'unit-unclear',
						`A unit should follow “${token.text}”.`,
						after && after.kind !== 'close' ? after.at : token.at,
					);
				if (token.kind === 'times' && first)
					stop('unit-unclear', `A unit should stand before “${token.text}”.`, token.at);
				if (token.kind === 'per') below = true;
				sign = token.kind === 'times' ? (token.text === '-' && below ? -1 : 1) : -1;
				if (token.kind === 'times' && token.text !== '-') below = false;
			}
			first = false;
			this.factor(parts, sign, depth);
			if (parts.length > PARTS_LIMIT)
				stop('too-large', `A unit here can have up to ${PARTS_LIMIT} parts.`, [0, this.text.length]);
		}
		return parts;
	}

	private factor(into: UnitPart[], sign: number, depth: number): void {
		const token = this.peek() as UnitSign;
		if (token.kind === 'square') {
			this.next += 1;
			const word = this.peek();
			if (word?.kind !== 'word') stop('unit-unclear', `A unit should follow “${token.text}”.`, token.at);
			const power = SQUARES[token.text.toLowerCase()] as number;
			this.push(into, this.word(), sign * power, token.at);
			return;
		}
		if (token.kind === 'open') {
			this.next += 1;
			if (depth > 20) stop('too-large', 'There are too many brackets here.', token.at);
			const inner = this.expression(depth + 1);
			if (this.peek()?.kind !== 'close') stop('unit-unclear', 'This bracket is not closed.', token.at);
			this.next += 1;
			this.push(into, inner, sign * this.power(), token.at);
			return;
		}
		if (token.kind === 'number') {
			if (token.text !== '1')
				stop(
					'unit-unclear',
					`A unit has no number such as ${token.text} in front; write it with the quantity.`,
					token.at,
				);
			this.next += 1;
			return;
		}
		if (token.kind !== 'word') stop('unit-unclear', `A unit should stand before “${token.text}”.`, token.at);
		const parts = this.word();
		this.push(into, parts, sign * this.power(), token.at);
	}

	private push(into: UnitPart[], parts: readonly UnitPart[], power: number, at: Span): void {
		for (const part of parts) {
			const raised = part.power * power;
			const same = into.findIndex(
				(have) => have.unit === part.unit && have.prefix === part.prefix && have.label === part.label,
			);
			const total = raised + (same < 0 ? 0 : (into[same] as UnitPart).power);
			if (Math.abs(total) > POWER_LIMIT)
				stop('too-large', `Powers of a unit here go up to ${POWER_LIMIT}; this one is larger.`, at);
			if (same < 0) {
				if (total !== 0) into.push({ ...part, power: total });
			} else if (total === 0) into.splice(same, 1);
			else into[same] = { ...(into[same] as UnitPart), power: total };
		}
	}

	private power(): number {
		const token = this.peek();
		if (token?.kind === 'power') {
			this.next += 1;
			const power = Number(fromSuperscript(token.text.replace(/[\^()]/g, '')).replace('−', '-'));
			if (Math.abs(power) > POWER_LIMIT)
				stop('too-large', `Powers of a unit here go up to ${POWER_LIMIT}; this one is larger.`, token.at);
			if (this.peek()?.kind === 'power')
				stop('unit-unclear', 'Two powers stand here in a row.', (this.peek() as UnitSign).at);
			return power;
		}
		if (token?.kind === 'squared') {
			this.next += 1;
			return SQUARES[token.text.toLowerCase()] as number;
		}
		return 1;
	}

	/** Reads one unit: the longest run of words that is a name, a symbol, or a counted thing; then its label. */
	private word(): UnitPart[] {
		const run: UnitSign[] = [];
		for (let i = this.next; run.length < NAME_WORDS && this.list[i]; i++) {
			const token = this.list[i] as UnitSign;
			if (token.kind === 'times' && token.text === '-' && run.length) continue;
			if (token.kind !== 'word' && !(run.length && ['square', 'per'].includes(token.kind))) break;
			run.push(token);
		}
		for (let length = run.length; length > 0; length--) {
			const last = run[length - 1] as UnitSign;
			const name = run
				.slice(0, length)
				.map((token) => token.text)
				.join(' ');
			const found = this.inContext(name) ?? findUnit(name) ?? inOtherCase(name);
			if (!found) continue;
			this.next = this.list.indexOf(last) + 1;
			return this.labelled(partsOf(found));
		}
		return this.unknown(run[0] as UnitSign);
	}

	/** Marks ' and " are feet and inches, but minutes and seconds of arc after a degree. */
	private inContext(name: string): Found | undefined {
		const arc = name === "'" ? '′' : name === '"' || name === "''" ? '″' : null;
		const afterDegree = this.list.slice(0, this.next).some(({ text }) => /^(°|deg|degrees?)$/i.test(text));
		return arc && afterDegree ? findUnit(arc) : name === "''" ? findUnit('"') : undefined;
	}

	private unknown(token: UnitSign): UnitPart[] {
		if (this.options.counted && !/^["'′″%‰°]/.test(token.text)) {
			this.next += 1;
			const unit = MONEY.get(token.text) ?? singular(token.text);
			if (!this.counted.includes(unit)) this.counted.push(unit);
			return this.labelled([{ unit, power: 1 }]);
		}
		const near = nearUnits(token.text).filter((name) => name !== token.text);
		const offer = near.length ? ` Did you mean ${near.join(' or ')}?` : '';
		return stop('unknown-unit', `I do not know “${token.text}” as a unit.${offer}`, token.at, near);
	}

	/** A label in braces, or a word after a space that is no unit and not nearly one: g{honey}, g honey. */
	private labelled(parts: UnitPart[]): UnitPart[] {
		const named = this.named();
		if (named !== null) {
			const [first, ...rest] = parts as [UnitPart, ...UnitPart[]];
			return [{ ...first, label: named }, ...rest];
		}
		const token = this.peek();
		const label = token && this.labelIn(token);
		if (!token || !label) return parts;
		this.next += label.startsWith(token.text) && label.length > token.text.length ? 2 : 1;
		const [first, ...rest] = parts as [UnitPart, ...UnitPart[]];
		return [{ ...first, label }, ...rest];
	}

	/** A substance told with “of”: kg of honey, g of table salt. */
	private named(): string | null {
		const [of, ...after] = this.list.slice(this.next);
		if (of?.kind !== 'word' || of.text.toLowerCase() !== 'of' || !of.apart) return null;
		const words: string[] = [];
		for (const { kind, text, apart } of after) {
			if (kind !== 'word' || !apart) break;
			words.push(text);
		}
		if (!words.length) return null;
		this.next += 1 + words.length;
		return words.join(' ');
	}

	private labelIn(token: UnitSign): string | null {
		if (token.kind === 'label') {
			const label = token.text.slice(1, -1).trim();
			if (!label) stop('unit-unclear', 'There is nothing between these braces.', token.at);
			return label;
		}
		if (token.kind !== 'word' || !token.apart || /^["'′″%‰°]/.test(token.text)) return null;
		const before = this.list[this.next - 1];
		if (before && /^["'′″%‰°]/.test(before.text)) return null;
		const after = this.list[this.next + 1];
		if (findUnit(token.text) || nearUnits(token.text).length) return null;
		return after?.kind === 'power' && /^\d+$/.test(after.text) ? token.text + after.text : token.text;
	}
}

/** What a word in the wrong capitals can only mean: Kg, MPH, LBS. Where small letters are a symbol, these are meant. */
function inOtherCase(word: string): Found | undefined {
	if (word.length < 2 || word === word.toLowerCase()) return undefined;
	const symbols = symbolsInAnyCase(word);
	const meant = symbols.length === 1 ? symbols[0] : symbols.find((symbol) => symbol === symbol.toLowerCase());
	return meant === undefined ? undefined : findUnit(meant);
}

function partsOf(found: Found): UnitPart[] {
	if ('row' in found)
		return [{ unit: found.row.symbol, ...(found.prefix ? { prefix: found.prefix.symbol } : {}), power: 1 }];
	const inner = parseUnit(found.short.stands);
	const [first, ...rest] = (inner.ok ? inner.value.parts : []) as [UnitPart, ...UnitPart[]];
	return [found.prefix ? { ...first, prefix: found.prefix.symbol } : first, ...rest];
}

const MEMORY_LIMIT = 4000;
/** Units that were read, with unknown words as counted things and without: they come again and again. */
const counting = new Map<string, Outcome<Unit>>();
const plain = new Map<string, Outcome<Unit>>();

/**
 * Reads a unit expression (contract, "unit"): symbols, names, plurals, per, square, cubic, powers and
 * brackets; a unit of one is "".
 * @param options.counted take an unknown word for a counted thing.
 * @returns the unit, or a fault `unknown-unit` (with near names), `unit-unclear` or `too-large` with its place.
 */
export function parseUnit(text: string, options: Options = {}): Outcome<Unit> {
	const memory = options.counted ? counting : plain;
	const known = memory.get(text);
	if (known) return known;
	const read = readUnit(text, options);
	if (memory.size >= MEMORY_LIMIT) memory.clear();
	if (text.length <= UNIT_TEXT_LIMIT) memory.set(text, read);
	return read;
}

function readUnit(text: string, options: Options): Outcome<Unit> {
	if (text.length > UNIT_TEXT_LIMIT)
		return bad('too-large', `A unit here can have up to ${UNIT_TEXT_LIMIT} characters.`, [0, text.length]);
	try {
		const { parts, counted } = new Reader(text, unitSigns(text), options).read();
		return good(unitOfParts(parts, counted));
	} catch (thrown) {
		if (thrown instanceof UnitFault) return { ok: false, fault: thrown.fault };
		throw thrown;
	}
}
