import type { WorkedChain } from '../chain/work-chain';
import { listed, unitWord } from '../say/listed';
import { plural } from '../say/plural';
import { parseUnit } from '../unit/parse-unit';
import { symbolOfPart } from '../unit/print-unit';
import type { UnitPart } from '../unit/unit';

function powersOf(parts: readonly UnitPart[]): Map<string, number> {
	return new Map(parts.map((part) => [symbolOfPart(part), part.power]));
}

function all(units: readonly string[]): string {
	return listed(units.map(unitWord));
}

/** Which units of what stands must go, which must come, and which stay as they are. */
export function sayParts(worked: WorkedChain, want: string): string {
	const wanted = parseUnit(want, { counted: true });
	if (!wanted.ok) return '';
	const [now, then] = [powersOf(worked.unit.parts), powersOf(wanted.value.parts)];
	const go = [...now].filter(([unit, power]) => then.get(unit) !== power).map(([unit]) => unit);
	const come = [...then].filter(([unit, power]) => now.get(unit) !== power).map(([unit]) => unit);
	const stay = [...now].filter(([unit, power]) => then.get(unit) === power).map(([unit]) => unit);
	const said = [
		go.length ? `${all(go)} must go` : '',
		come.length ? `${all(come)} ${plural(come.length, 'is', 'are')} missing` : '',
		stay.length ? `${all(stay)} ${plural(stay.length, 'stays', 'stay')}` : '',
	].filter(Boolean);
	return said.length ? ` ${said.join(', ')}.` : '';
}
