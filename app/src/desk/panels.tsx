import { mustPlace } from '@tidy-sum/core';
import { later } from '../ui/later';
import { isOwn } from '../work/exercises';
import type { Panel, PanelKind, PanelOf } from '../work/panel-slice';
import { firstUnit } from './first-unit';
import { laterPanels } from './later-panels';
import type { PanelAt, PanelKey, PanelRow } from './panel-row';
import { BlockPanel } from './panels/block-panel';
import { FactsPanel } from './panels/facts-panel';
import * as words from './words';

const always = () => true;
/** Beside the line there is nothing to close to. */
const onPhone = ({ wide }: PanelAt) => !wide;

/** The panels of the Desk. To add one is to add its file and a row. */
export const PANELS: { readonly [K in Exclude<PanelKind, 'none'>]: PanelRow<K> } = {
	facts: {
		title: words.facts,
		height: 'low',
		keeps: 'line',
		tool: 'facts',
		mayOpen: ({ started }) => started,
		mayClose: onPhone,
		anewWith: ({ unit }) => unit,
		Content: FactsPanel,
		keys: [
			{
				key: 'f',
				shows: 'F',
				says: words.factsWithTheUnitThatMustGo,
				opens: (view) => ({ kind: 'facts', unit: firstUnit(view) }),
			},
			{ key: '/', shows: '/', says: words.searchTheFactsByName, opens: () => ({ kind: 'facts', unit: '' }) },
		],
	},
	block: {
		title: words.factor,
		height: 'low',
		keeps: 'line',
		tool: null,
		mayOpen: ({ blocks }, { id }) => blocks.some((block) => block.id === id),
		mayClose: always,
		anewWith: ({ id }) => id,
		Content: BlockPanel,
	},
	start: {
		title: words.theStart,
		height: 'low',
		keeps: 'line',
		tool: null,
		mayOpen: always,
		mayClose: always,
		Content: later(async () => (await laterPanels()).StartPanel),
	},
	places: {
		title: words.whatIsWanted,
		height: 'low',
		keeps: 'line',
		tool: null,
		mayOpen: always,
		// What must be done first has nothing to close to.
		mayClose: ({ chosen }) => chosen,
		anewWith: ({ from = -1 }) => from,
		Content: later(async () => (await laterPanels()).PlacesPanel),
		keys: [
			{
				key: 'p',
				shows: 'P',
				says: words.whatEachQuantityIsFor,
				opens: ({ exercise }) =>
					isOwn(exercise.name) ? { kind: 'own' } : mustPlace(exercise) ? { kind: 'places' } : null,
			},
		],
	},
	own: {
		title: words.aProblemOfMyOwn,
		height: 'tall',
		keeps: 'line',
		tool: null,
		mayOpen: ({ exercise }) => isOwn(exercise.name),
		mayClose: ({ view }) => view.started && view.wanted,
		anewWith: (_, { exercise }) => exercise.name,
		Content: later(async () => (await laterPanels()).OwnPanel),
	},
	nudge: {
		title: words.aHint,
		height: 'low',
		keeps: 'line',
		tool: null,
		mayOpen: always,
		mayClose: always,
		Content: later(async () => (await laterPanels()).NudgePanel),
		keys: [{ key: 'n', shows: 'N', says: words.aHintLabel, opens: () => ({ kind: 'nudge' }) }],
	},
	answer: {
		title: words.yourAnswer,
		testID: 'answer-panel',
		height: 'tall',
		keeps: 'numbers',
		tool: 'answer',
		mayOpen: always,
		mayClose: onPhone,
		Content: later(async () => (await laterPanels()).AnswerPanel),
		keys: [
			{
				key: 'a',
				shows: 'A',
				says: words.writeTheAnswerOrSeeThe,
				opens: ({ verdict }) => (verdict ? { kind: 'verdict' } : { kind: 'answer', cursor: true }),
			},
		],
	},
	verdict: {
		title: words.checked,
		height: 'tall',
		keeps: 'numbers',
		tool: 'answer',
		mayOpen: ({ verdict }) => verdict !== null,
		instead: ({ unchecked }) => ({ kind: unchecked ? 'answer' : 'none' }),
		mayClose: onPhone,
		Content: later(async () => (await laterPanels()).VerdictPanel),
	},
	calculator: {
		title: words.calculator,
		height: 'tall',
		keeps: 'line',
		tool: 'line',
		mayOpen: always,
		mayClose: always,
		Content: later(async () => (await laterPanels()).CalculatorPanel),
		keys: [{ key: '=', shows: '=', says: 'calculator', opens: () => ({ kind: 'calculator' }) }],
	},
	line: {
		title: words.thisLine,
		testID: 'line-panel',
		height: 'low',
		keeps: 'line',
		tool: 'line',
		mayOpen: always,
		mayClose: always,
		Content: later(async () => (await laterPanels()).LinePanel),
		keys: [{ key: 'l', shows: 'L', says: words.whatYouCanDoWithTheLine, opens: () => ({ kind: 'line' }) }],
	},
	beside: {
		title: words.sideBySide,
		testID: 'beside-panel',
		height: 'tall',
		keeps: 'line',
		tool: 'line',
		mayOpen: always,
		mayClose: always,
		Content: later(async () => (await laterPanels()).BesidePanel),
	},
	take: {
		title: words.useThisResult,
		height: 'low',
		keeps: 'line',
		tool: 'line',
		mayOpen: always,
		mayClose: always,
		Content: later(async () => (await laterPanels()).TakePanel),
	},
	keys: {
		title: words.keysOfTheDesk,
		height: 'low',
		keeps: 'line',
		tool: 'line',
		mayOpen: always,
		mayClose: always,
		Content: later(async () => (await laterPanels()).KeysPanel),
		keys: [{ key: '?', shows: '?', says: words.thisSheet, opens: () => ({ kind: 'keys' }) }],
	},
};

/** The row of a panel that is open. */
export function rowOf<K extends Exclude<PanelKind, 'none'>>({ kind }: PanelOf<K>): PanelRow<K> {
	return PANELS[kind];
}

/** The keys that open panels, each with the panel it opens where that may stand open. */
export const PANEL_KEYS: readonly PanelKey[] = Object.values(PANELS).flatMap(({ keys = [] }) => keys);

/** The panel that may stand open in place of one that was chosen: itself, or what its row says. */
export function openable(panel: Panel, view: Parameters<PanelKey['opens']>[0]): Panel {
	if (panel.kind === 'none') return panel;
	return mayOpen(panel, view) ? panel : (rowOf(panel).instead?.(view) ?? { kind: 'none' });
}

function mayOpen<K extends Exclude<PanelKind, 'none'>>(panel: PanelOf<K>, view: Parameters<PanelKey['opens']>[0]) {
	return rowOf<K>(panel).mayOpen(view, panel);
}
