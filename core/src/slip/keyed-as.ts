import { keysOf } from '../chain/keys';
import type { Evidence } from './slip-kind';

/** A sentence on the keys that would have given a number; '' where the line has none, or they are the right ones. */
export function keyedAs({ chain }: Evidence, change: (keys: string) => string): string {
	const right = chain && keysOf(chain);
	const keys = right?.ok ? change(right.value.keys) : '';
	return !right?.ok || keys === right.value.keys ? '' : ` These keys give it: ${keys.replace(/ =$/, '')}.`;
}
