import { type Chain, type Exercise, type Factor, type FactsFrom, workChain } from '../src';
import { nudgesFor, offersFor } from '../src/help';

const plain = (text: string) => text.toLowerCase().replace(/\u00a0|\u202f/g, ' ');
const digits = (text: string) => text.replaceAll('\u202f', '').replace('−', '-');

/** The step the last nudge tells, taken from where it says it is offered; null where it tells none. */
export function nudgedStep(chain: Chain, exercise: Exercise, from: FactsFrom = {}): Factor | null {
	const last = nudgesFor(chain, exercise, from).at(-1) ?? '';
	const line = workChain(chain);
	const step = /^The step: (.*?)\.$/.exec(last)?.[1];
	if (step && line.ok) {
		const unit = line.value.running.at(-1)?.unit ?? '';
		const ways = offersFor({ exercise, chain, worked: line.value, unit, fills: true }).flatMap(({ text, ways: all }) =>
			all.map((way) => ({ ...way, title: text })),
		);
		// "subtract 32" is "Subtract 32 degrees Fahrenheit" among what is offered.
		const named = (text: string) => plain(text) === plain(step) || plain(text).startsWith(`${plain(step)} `);
		return ways.find(({ say, title }) => named(say) || named(title))?.factor ?? null;
	}
	const block =
		/ on the (?:top|bottom) of the factor: (.+?) (\S+(?: of .+?)?) over (.+?) (\S+?(?: of .+?)?)\.(?: Raise the whole factor to the power (\d)\.)?$/.exec(
			last,
		);
	if (!block) return null;
	const [, a = '', b = '', c = '', d = '', power] = block.map((part) => part?.replace(/ of (.+)$/, '{$1}'));
	return {
		top: { number: digits(a), unit: b },
		bottom: { number: digits(c), unit: d },
		...(power ? { power: Number(power) } : {}),
	};
}
