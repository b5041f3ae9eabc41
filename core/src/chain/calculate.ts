import { bad, type FaultCode, good, type Outcome, type Span } from '../numeral/fault';
import { EXPONENT_LIMIT } from '../numeral/numeral';
import { parseNumeral } from '../numeral/parse-numeral';
import { piNearly } from '../numeral/pi';
import { type Rational, rationalText, toPower } from '../numeral/rational';

const LENGTH_LIMIT = 1000;
const POWER_LIMIT = 60;
const DEPTH_LIMIT = 50;
/** The most digits a power may come to on the way: nested powers grow beyond any memory. */
const DIGITS_LIMIT = 20_000;

type Token = { readonly kind: 'number' | 'sign'; readonly text: string; readonly at: Span };

/** A number with its power of ten (3.0 EE 4), or one sign. */
const TOKEN = /\s*(?:(\d[\d.]*|\.\d+)(?:\s*(?:EE|[eE])\s*([-−+]?\s*\d+))?|(π|pi|[-+×÷*/^()−]))/gy;

const SIGNS: Readonly<Record<string, string>> = { '*': '×', '/': '÷', '-': '−', pi: 'π' };

function tokensOf(text: string): Outcome<readonly Token[]> {
	const tokens: Token[] = [];
	const end = text.replace(/[\s=]+$/, '').length;
	let from = 0;
	while (from < end) {
		TOKEN.lastIndex = from;
		const match = TOKEN.exec(text);
		if (!match) {
			const place = from + (text.slice(from).length - text.slice(from).trimStart().length);
			return bad('not-a-number', 'I cannot work with this sign.', [place, place + 1]);
		}
		const [all, digits, power, sign] = match;
		const at: Span = [from + all.length - all.trimStart().length, from + all.length];
		if (sign) tokens.push({ kind: 'sign', text: SIGNS[sign] ?? sign, at });
		else tokens.push({ kind: 'number', text: power ? `${digits}e${power.replace(/\s/g, '')}` : (digits ?? ''), at });
		from = match.index + all.length;
	}
	return good(tokens);
}

/** What stands in the way, thrown inside this file only and caught at its one door. */
class Stop extends Error {
	constructor(
		readonly code: FaultCode,
		message: string,
		readonly at: Span,
	) {
		super(message);
	}
}

/** Works signs in the order a scientific calculator does: brackets, powers, × and ÷ from the left, + and −. */
class Calculation {
	private at = 0;
	private depth = 0;

	constructor(
		private readonly tokens: readonly Token[],
		private readonly end: number,
	) {}

	private get place(): Span {
		return this.tokens[this.at]?.at ?? [this.end, this.end];
	}

	private take(...signs: string[]): string | null {
		const token = this.tokens[this.at];
		if (token?.kind !== 'sign' || !signs.includes(token.text)) return null;
		this.at += 1;
		return token.text;
	}

	whole(): Rational {
		const value = this.sum();
		if (this.at < this.tokens.length)
			throw new Stop('not-a-number', 'A sign such as × or ÷ is missing before this.', this.place);
		return value;
	}

	private sum(): Rational {
		let value = this.product();
		for (let sign = this.take('+', '−'); sign; sign = this.take('+', '−')) {
			const next = this.product();
			value = sign === '+' ? value.add(next) : value.sub(next);
		}
		return value;
	}

	private product(): Rational {
		let value = this.signed();
		for (let sign = this.take('×', '÷'); sign; sign = this.take('×', '÷')) {
			const { place } = this;
			const next = this.signed();
			if (sign === '÷' && next.sign === 0) throw new Stop('zero-below', 'Nothing can be divided by 0.', place);
			value = sign === '×' ? value.mul(next) : value.div(next);
		}
		return value;
	}

	private signed(): Rational {
		const sign = this.take('−', '+');
		const value = this.power();
		return sign === '−' ? value.neg() : value;
	}

	private power(): Rational {
		const value = this.single();
		if (!this.take('^')) return value;
		const { place } = this;
		const minus = this.take('−') !== null;
		const power = this.single();
		const whole = Number(rationalText(power));
		if (!Number.isInteger(whole) || whole > POWER_LIMIT)
			throw new Stop('exponent', `A power here is a whole number up to ${POWER_LIMIT}.`, place);
		if (minus && value.sign === 0) throw new Stop('zero-below', 'Nothing can be divided by 0.', place);
		if (`${value.n}${value.d}`.length * whole > DIGITS_LIMIT)
			throw new Stop('too-large', 'This goes beyond what can be worked here.', place);
		return toPower(value, minus ? -whole : whole);
	}

	private single(): Rational {
		const { place } = this;
		if (this.take('(')) {
			this.depth += 1;
			if (this.depth > DEPTH_LIMIT) throw new Stop('too-large', 'There are too many brackets here.', place);
			const value = this.sum();
			// A calculator closes what is left open at the end.
			if (!this.take(')') && this.at < this.tokens.length)
				throw new Stop('not-a-number', 'A closing bracket is missing before this.', this.place);
			this.depth -= 1;
			return value;
		}
		if (this.take('π')) return piNearly();
		const token = this.tokens[this.at];
		if (token?.kind !== 'number') throw new Stop('empty', 'A number is missing here.', place);
		this.at += 1;
		const read = parseNumeral(token.text);
		if (!read.ok) throw new Stop(read.fault.code, read.fault.message, place);
		return read.value.value;
	}
}

/**
 * Works what is keyed on a calculator: numbers, EE for a power of ten, + − × ÷, brackets, ^ with a whole power,
 * π. × and ÷ go from left to right, so a bottom without brackets shows what it does.
 * @returns the exact value (π to over 400 digits), or `empty`, `not-a-number`, `zero-below`, `too-large` or what a
 *   numeral can end with, with its place in the text.
 */
export function calculate(text: string): Outcome<Rational> {
	const all: Span = [0, text.length];
	if (text.length > LENGTH_LIMIT) return bad('too-large', `Up to ${LENGTH_LIMIT} characters can be keyed here.`, all);
	if (text.replace(/[\s=]/g, '') === '') return bad('empty', 'Nothing is keyed here yet.', all);
	const tokens = tokensOf(text);
	if (!tokens.ok) return tokens;
	try {
		const value = new Calculation(tokens.value, text.length).whole();
		const size = value.sign === 0 ? 0 : value.leadingPlace();
		if (Math.abs(size) > EXPONENT_LIMIT) return bad('too-large', 'This goes beyond what can be shown here.', all);
		return good(value);
	} catch (stop) {
		if (stop instanceof Stop) return bad(stop.code, stop.message, stop.at);
		throw stop;
	}
}
