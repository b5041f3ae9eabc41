import type { ComponentType } from 'react';
import { later } from '../ui/later';
import {
	FactsPicture,
	FiguresPicture,
	LadderPicture,
	MixedPicture,
	RatePicture,
	SensePicture,
	TemperaturePicture,
} from './shelf-pictures';
import * as words from './words';

/** What an address brings to a part of the Shelf, by the names of its fields. */
export type PartLink = Readonly<Record<string, string | undefined>>;

/** A part of the Shelf that has a page of its own. */
export type ShelfPartRow = {
	readonly name: string;
	readonly title: string;
	readonly says: string;
	/** What it is about, drawn small. */
	readonly Picture: ComponentType;
	readonly Screen: ComponentType<{ readonly title: string; readonly link: PartLink }>;
	/** The field of the address with which the page begins anew. */
	readonly anewWith?: string;
};

/** The parts, in the order the Shelf lists them. To add one is to add its folder and a row. */
export const SHELF_PARTS: readonly ShelfPartRow[] = [
	{
		name: 'facts',
		Picture: FactsPicture,
		title: words.facts,
		says: words.lookOneUpAddYourOwnChoose,
		Screen: later(async () => (await import('../shelf/facts/facts-screen')).FactsScreen),
		anewWith: 'search',
	},
	{
		name: 'ladder',
		Picture: LadderPicture,
		title: words.ladder,
		says: words.moveAValueUpAndDownThe,
		Screen: later(async () => (await import('../shelf/ladder/ladder-screen')).LadderScreen),
	},
	{
		name: 'temperature',
		Picture: TemperaturePicture,
		title: words.temperature,
		says: words.kCAndFOnOnePictureShiftAnd,
		Screen: later(async () => (await import('../shelf/temperature/temperature-screen')).TemperatureScreen),
	},
	{
		name: 'mixed',
		Picture: MixedPicture,
		title: words.mixedMeasures,
		says: words.ftAndInLbAndOzDHMinSAnd,
		Screen: later(async () => (await import('../shelf/mixed/mixed-screen')).MixedScreen),
	},
	{
		name: 'figures',
		Picture: FiguresPicture,
		title: words.figures,
		says: words.whichDigitsCountAnd,
		Screen: later(async () => (await import('../shelf/figures/figures-screen')).FiguresScreen),
	},
	{
		name: 'rate',
		Picture: RatePicture,
		title: words.rate,
		says: words.anyCompoundUnitToAnyLike,
		Screen: later(async () => (await import('../shelf/rate/rate-screen')).RateScreen),
	},
	{
		name: 'sense',
		Picture: SensePicture,
		title: words.numberSense,
		says: words.whatAQuantityLooksLikeAt,
		Screen: later(async () => (await import('../shelf/sense/sense-screen')).SenseScreen),
	},
];
