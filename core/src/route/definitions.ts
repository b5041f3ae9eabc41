import type { TableFact } from '../fact/fact';
import { decimalText, endingPlaces } from '../numeral/print';
import { parseUnit } from '../unit/parse-unit';
import { UNIT_ROWS } from '../unit/table';
import type { Unit } from '../unit/unit';
import { unitOfParts } from '../unit/unit-of-parts';
import { type FactGraph, factGraph, withGraph } from './fact-graph';

/** The SI units that definitions lead to, one for what each measures. */
const COHERENT = [
	'm',
	'm^2',
	'm^3',
	'kg',
	's',
	'rad',
	'K',
	'mol',
	'J',
	'W',
	'Pa',
	'N',
	'Bq',
	'Gy',
	'T',
	'Wb',
	'lx',
	'bit',
	'm/s',
	'm/s^2',
	'Pa·s',
	'm^2/s',
	'1/m',
	'kg/m',
	'kg/m^3',
	'A/m',
	'C/kg',
	'cd/m^2',
	'mol/s',
] as const;

/** What a unit is by its row, as a fact; null where it is an SI unit itself, or where pi comes in. */
function definitionOf(unit: Unit, coherent: ReadonlyMap<string, Unit>, source: string): TableFact | null {
	const to = coherent.get(unit.kind);
	if (!to || unit.pi !== 0 || unit.offset || to.text === unit.text) return null;
	// A factor that does not end is said in whole numbers: 152 Torr is 20265 Pa.
	const ends = endingPlaces(unit.factor) !== null;
	const [number, of] = ends ? [decimalText(unit.factor), '1'] : [`${unit.factor.n}`, `${unit.factor.d}`];
	return {
		left: { number: of, unit: unit.text },
		right: { number, unit: to.text },
		exact: unit.figures === null,
		tables: ['definitions'],
		source,
	};
}

let definitions: FactGraph | null = null;

function definitionGraph(): FactGraph {
	if (definitions) return definitions;
	const read = COHERENT.map((text) => parseUnit(text)).flatMap((unit) => (unit.ok ? [unit.value] : []));
	const coherent = new Map(read.map((unit) => [unit.kind, unit]));
	const facts = UNIT_ROWS.flatMap(({ symbol, source }) => {
		const fact = definitionOf(unitOfParts([{ unit: symbol, power: 1 }]), coherent, source);
		return fact ? [fact] : [];
	});
	definitions = factGraph(facts, true);
	return definitions;
}

const known = new WeakMap<FactGraph, FactGraph>();

/** A graph with the definition of every unit beside its facts, to go by where no table knows a way. */
export function withDefinitions(graph: FactGraph): FactGraph {
	let made = known.get(graph);
	if (!made) {
		made = withGraph(graph, definitionGraph());
		known.set(graph, made);
	}
	return made;
}
