import type { ComponentType } from 'react';
import { later } from '../ui/later';

/** What an address brings to a part of the Shelf, by the names of its fields. */
export type PartLink = Readonly<Record<string, string | undefined>>;

/** A part of the Shelf that has a page of its own. */
export type ShelfPartRow = {
	readonly name: string;
	readonly title: string;
	readonly says: string;
	readonly Screen: ComponentType<{ readonly title: string; readonly link: PartLink }>;
	/** The field of the address with which the page begins anew. */
	readonly anewWith?: string;
};

/** The parts, in the order the Shelf lists them. To add one is to add its folder and a row. */
export const SHELF_PARTS: readonly ShelfPartRow[] = [
	{
		name: 'facts',
		title: 'Facts',
		says: 'Look one up, add your own, choose what the class knows',
		Screen: later(async () => (await import('../shelf/facts/facts-screen')).FactsScreen),
		anewWith: 'search',
	},
	{
		name: 'ladder',
		title: 'Ladder',
		says: 'Move a value up and down the prefixes',
		Screen: later(async () => (await import('../shelf/ladder/ladder-screen')).LadderScreen),
	},
	{
		name: 'temperature',
		title: 'Temperature',
		says: 'K, °C and °F on one picture: shift and scale',
		Screen: later(async () => (await import('../shelf/temperature/temperature-screen')).TemperatureScreen),
	},
	{
		name: 'mixed',
		title: 'Mixed measures',
		says: 'ft and in, lb and oz, d h min s, ° and ′, both ways',
		Screen: later(async () => (await import('../shelf/mixed/mixed-screen')).MixedScreen),
	},
	{
		name: 'figures',
		title: 'Figures',
		says: 'Which digits count, and rounding',
		Screen: later(async () => (await import('../shelf/figures/figures-screen')).FiguresScreen),
	},
	{
		name: 'rate',
		title: 'Rate',
		says: 'Any compound unit to any like one, step by step',
		Screen: later(async () => (await import('../shelf/rate/rate-screen')).RateScreen),
	},
	{
		name: 'sense',
		title: 'Number sense',
		says: 'What a quantity comes to at the station',
		Screen: later(async () => (await import('../shelf/sense/sense-screen')).SenseScreen),
	},
];
