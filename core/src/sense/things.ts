/** A thing at Fennel Ridge that one can picture, and its size. One row is one thing. */
export type Thing = {
	/** As one of it is said: "a full honey jar". */
	readonly one: string;
	/** As several are said: "full honey jars". */
	readonly many: string;
	/** One word to count it by in a line: "jar". */
	readonly word: string;
	readonly number: string;
	readonly unit: string;
};

/** Things of one kind of quantity, and how another quantity of that kind is likened to them. */
export type ThingsOfKind = {
	/** A unit of the kind. */
	readonly unit: string;
	/** "about the mass of three full honey jars", or "about three times as fast as a bee in flight". */
	readonly by: 'many' | 'times';
	/** What stands before the things: "the mass of", "as fast as". */
	readonly like: string;
	readonly things: readonly Thing[];
};

function kind(unit: string, by: ThingsOfKind['by'], like: string, rows: readonly string[]): ThingsOfKind {
	const things = rows.map((row): Thing => {
		const [one = '', many = '', word = '', size = ''] = row.split(' | ');
		const [number = '', ...of] = size.split(' ');
		return { one, many, word, number, unit: of.join(' ') };
	});
	return { unit, by, like, things };
}

/** Sizes invented for the station; they are round, since they are for feeling a size and not for working with. */
export const THINGS: readonly ThingsOfKind[] = [
	kind('kg', 'many', 'the mass of', [
		'a grain of pollen | grains of pollen | grain | 20 ng',
		'a snowflake | snowflakes | snowflake | 3 mg',
		'a honeybee | honeybees | bee | 0.1 g',
		'a packet of seed | packets of seed | packet | 5 g',
		'a full honey jar | full honey jars | jar | 0.45 kg',
		'a crate of honey | crates of honey | crate | 6 kg',
		'a loaded sled | loaded sleds | sled | 140 kg',
		'the full water tank | full water tanks | tank | 8000 kg',
		'the snow on the glasshouse roof | glasshouse roofs of snow | roof | 25000 kg',
	]),
	kind('m', 'many', 'the length of', [
		'a grain of pollen | grains of pollen | grain | 30 µm',
		'a grain of snow | grains of snow | grain | 1 mm',
		'a honeybee | honeybees | bee | 13 mm',
		'a seed tray | seed trays | tray | 0.5 m',
		'a sled | sleds | sled | 2.4 m',
		'the weather mast | weather masts | mast | 12 m',
		'the path to the hives | paths to the hives | path | 300 m',
		'the sled route | sled routes | route | 8.4 km',
		'a balloon ascent | balloon ascents | ascent | 24 km',
	]),
	kind('m^2', 'many', 'the area of', [
		"a bee's wing | bees' wings | wing | 20 mm^2",
		'the lid of a honey jar | lids of honey jars | lid | 40 cm^2',
		'a seed tray | seed trays | tray | 0.15 m^2',
		'the workshop floor | workshop floors | floor | 24 m^2',
		'the glasshouse floor | glasshouse floors | floor | 60 m^2',
		'the snow field | snow fields | field | 4 ha',
	]),
	kind('m^3', 'many', 'the volume of', [
		'a drop from a drip line | drops from a drip line | drop | 0.05 mL',
		'a spoonful of honey | spoonfuls of honey | spoonful | 5 mL',
		'a honey jar | honey jars | jar | 0.32 L',
		'a can of nutrient solution | cans of nutrient solution | can | 10 L',
		'the water tank | water tanks | tank | 8 m^3',
		'the glasshouse | glasshouses | glasshouse | 180 m^3',
	]),
	kind('s', 'many', 'the time of', [
		"a beat of a bee's wing | beats of a bee's wing | beat | 4 ms",
		'a turn of the wind cups | turns of the wind cups | turn | 0.5 s',
		'a radio check | radio checks | check | 90 s',
		'a round of the drip lines | rounds of the drip lines | round | 25 min',
		'a sled trip | sled trips | trip | 2.5 h',
		'a day at the station | days at the station | day | 24 h',
		'a winter of snow | winters of snow | winter | 150 d',
	]),
	kind('m/s', 'times', 'as fast as', [
		'a seedling growing | seedlings growing | seedling | 2 cm/d',
		'snow melting off the roof | snow melting | melt | 3 mm/h',
		'a laden sled | laden sleds | sled | 1.6 m/s',
		'a bee in flight | bees in flight | bee | 7 m/s',
		'a gale at the mast | gales at the mast | gale | 25 m/s',
		'sound at the station | sound at the station | sound | 330 m/s',
	]),
	kind('W', 'many', 'the power of', [
		'the radio at rest | radios at rest | radio | 0.5 W',
		'a seedling lamp | seedling lamps | lamp | 18 W',
		'the workshop stove | workshop stoves | stove | 2 kW',
		'the wind turbine | wind turbines | turbine | 6 kW',
	]),
	kind('J', 'many', 'the energy of', [
		'lifting a honey jar a hand high | honey jars lifted a hand high | lift | 0.5 J',
		'lifting a crate onto the shelf | crates lifted onto the shelf | lift | 90 J',
		'a seedling lamp for an hour | seedling lamps for an hour | lamp | 65 kJ',
		'the honey in a jar | jars of honey, as food | jar | 5.7 MJ',
		"the wind turbine's day | days of the wind turbine | day | 200 MJ",
	]),
	kind('Pa', 'times', 'as strong as', [
		'a bee standing on a leaf | bees on leaves | bee | 20 Pa',
		'the snow on the glasshouse roof | roofs of snow | roof | 2 kPa',
		'the air at the station | air at the station | air | 84 kPa',
		'a sled runner on the snow | sled runners on the snow | runner | 300 kPa',
	]),
	kind('N', 'many', 'the pull of', [
		'a honeybee on a thread | honeybees on threads | bee | 1 mN',
		'a honey jar in the hand | honey jars in the hand | jar | 4.4 N',
		'a sled on its rope | sleds on their ropes | sled | 120 N',
		'a snow anchor | snow anchors | anchor | 5 kN',
	]),
	kind('m^3/s', 'many', 'the flow of', [
		'a drip line | drip lines | line | 2 L/h',
		'the glasshouse tap | glasshouse taps | tap | 9 L/min',
		'the meltwater stream | meltwater streams | stream | 40 L/s',
	]),
	kind('kg/m^3', 'times', 'as dense as', [
		'the air at the station | air at the station | air | 1.0 kg/m^3',
		'fresh snow | fresh snow | snow | 100 kg/m^3',
		'water | water | water | 1000 kg/m^3',
		'honey | honey | honey | 1400 kg/m^3',
	]),
	kind('1/s', 'times', 'as often as', [
		'the mast being read | readings of the mast | reading | 6 1/h',
		'a heart at rest | hearts at rest | heart | 70 1/min',
		"a bee's wing beating | bees' wings beating | wing | 230 Hz",
	]),
	kind('rad', 'many', 'the angle of', [
		'a step of the wind vane | steps of the wind vane | step | 1 °',
		'the slope of the sled route | slopes of the sled route | slope | 12 °',
		'a full turn of the vane | full turns of the vane | turn | 360 °',
	]),
	kind('m/s^2', 'times', 'as much as', [
		'a sled starting | sleds starting | sled | 0.4 m/s^2',
		'a jar that falls | jars that fall | jar | 9.8 m/s^2',
	]),
	kind('bit', 'many', 'the size of', [
		'a reading of the mast | readings of the mast | reading | 32 B',
		'a page of the log | pages of the log | page | 2 kB',
		'a picture of the snow | pictures of the snow | picture | 2 MB',
	]),
	kind('A', 'many', 'the current of', [
		'the radio at rest | radios at rest | radio | 40 mA',
		'a seedling lamp | seedling lamps | lamp | 1.5 A',
		'the workshop stove | workshop stoves | stove | 9 A',
	]),
	kind('mol', 'many', 'the amount of', [
		'the sugar in a spoonful of honey | spoonfuls of honey, by their sugar | spoonful | 0.03 mol',
		'the sugar in a honey jar | honey jars, by their sugar | jar | 2 mol',
		'the water in the tank | tanks, by their water | tank | 4.4e5 mol',
	]),
];
