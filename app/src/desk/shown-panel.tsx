import { useEffect } from 'react';
import { later } from '../ui/later';
import type { Panel } from './desk-slice';
import { followingOf } from './following';
import { AnswerPanel } from './panels/answer-panel';
import { BlockPanel } from './panels/block-panel';
import { FactsPanel } from './panels/facts-panel';
import { PlacesPanel } from './panels/places-panel';
import { StartPanel } from './panels/start-panel';
import { VerdictPanel } from './panels/verdict-panel';
import type { Acts } from './use-acts';
import { type DeskView, useShelf } from './use-desk';
import { mayAdd } from './what-next';
import { isOwn, mustPlace } from './work';

const panels = () => import('./panels/later');
const BesidePanel = later(async () => (await panels()).BesidePanel);
const BookPanel = later(async () => (await panels()).BookPanel);
const CalculatorPanel = later(async () => (await panels()).CalculatorPanel);
const KeysPanel = later(async () => (await panels()).KeysPanel);
const MorePanel = later(async () => (await panels()).MorePanel);
const NudgePanel = later(async () => (await panels()).NudgePanel);
const OwnPanel = later(async () => (await panels()).OwnPanel);
const TakePanel = later(async () => (await panels()).TakePanel);

/** How long after the start the scripts needed later are fetched, so that they are there without a network. */
const FETCH_AFTER_MS = 3000;

/** Fetches the scripts of the panels that are needed later. */
export function useLaterPanels(): void {
	useEffect(() => {
		const timer = setTimeout(() => void panels().catch(() => {}), FETCH_AFTER_MS);
		return () => clearTimeout(timer);
	}, []);
}

type Props = {
	readonly view: DeskView;
	readonly panel: Panel;
	/** Whether it was chosen, and not only what must be done first. */
	readonly chosen: boolean;
	readonly wide: boolean;
	readonly acts: Acts;
};

/** The panel in the lower part of the Desk, or beside the line on a wide screen. */
export function ShownPanel({ view, panel, chosen, wide, acts }: Props) {
	const shelf = useShelf();
	const { exercise } = view;
	const { round, next } = followingOf(exercise.name);
	const shut = wide ? {} : { onClose: acts.close };
	// What must be done first has nothing to close to.
	const leave = chosen ? { onClose: acts.close } : {};
	switch (panel.kind) {
		case 'facts':
			return (
				<FactsPanel
					key={panel.unit}
					from={view.facts}
					unit={panel.unit}
					onPlace={acts.onPlace}
					onWrite={acts.onWrite}
					onAdd={mayAdd(view) ? acts.onAddStep : null}
					onKeep={acts.onKeep}
					onShelf={acts.onWholeShelf}
					{...shut}
				/>
			);
		case 'block':
			return (
				<BlockPanel
					key={panel.id}
					view={view}
					index={view.blocks.findIndex(({ id }) => id === panel.id)}
					writing={panel.writing ?? false}
					onDo={acts.onDo}
					onRemove={() => {
						acts.onDo({ do: 'remove', block: panel.id });
						acts.close();
					}}
					onClose={acts.close}
				/>
			);
		case 'start':
			return (
				<StartPanel
					view={view}
					onTurn={() => acts.onDo({ do: 'turnStart' })}
					onZeros={acts.onZeros}
					onOther={
						isOwn(exercise.name) ? acts.onOwnProblem : mustPlace(exercise) ? () => acts.show({ kind: 'places' }) : null
					}
					onClose={acts.close}
				/>
			);
		case 'places':
			return (
				<PlacesPanel
					key={panel.from ?? -1}
					view={view}
					from={panel.from}
					onDo={acts.onDo}
					onFact={(text) => acts.show({ kind: 'own', half: text })}
					onStay={() => acts.show({ kind: 'places' })}
					onDone={acts.close}
					{...leave}
				/>
			);
		case 'own':
			return (
				<OwnPanel
					key={exercise.name}
					view={view}
					half={panel.half ?? ''}
					onDo={acts.onOwnDo}
					onClose={acts.close}
					ready={view.started && view.wanted}
				/>
			);
		case 'answer':
			return (
				<AnswerPanel
					view={view}
					wide={wide}
					onWrite={(text) => acts.onDo({ do: 'answer', text })}
					onCheck={acts.onCheck}
					{...shut}
				/>
			);
		case 'verdict':
			return (
				<VerdictPanel
					view={view}
					onAnswer={acts.onAnswer}
					onBlock={(index) => acts.onBlock(view.blocks[index]?.id ?? '')}
					onShow={() => acts.onDo({ do: 'show' })}
					onNext={() => (next === null ? acts.go(`/round/${round}`) : acts.open(next))}
					next={next === null ? 'How the Round went' : 'Next exercise'}
					onPanel={(kind) => acts.show({ kind })}
					onHandIn={acts.onHandIn}
					{...shut}
				/>
			);
		case 'nudge':
			return <NudgePanel view={view} onTold={acts.onTold} onClose={acts.close} />;
		case 'keys':
			return <KeysPanel onClose={acts.close} />;
		case 'book':
			return (
				<BookPanel
					current={exercise.name}
					round={round}
					onRounds={(code) => acts.go(code ? `/round/${code}` : '/rounds')}
					onOpen={acts.open}
					onOwn={acts.onOwn}
					onClose={acts.close}
				/>
			);
		case 'more':
			return (
				<MorePanel
					shelf={shelf}
					onShelf={acts.onShelf}
					onPanel={acts.show}
					onHandIn={acts.onHandIn}
					onPart={(part) => acts.go(`/shelf/${part}`)}
					onAnew={acts.onAnew}
					onOwn={acts.onOwn}
					onClose={acts.close}
				/>
			);
		case 'calculator':
			return <CalculatorPanel view={view} wide={wide} onClose={acts.close} />;
		case 'beside':
			return (
				<BesidePanel
					view={view}
					onShow={() => acts.onDo({ do: 'show' })}
					onAnew={acts.onAnew}
					onSwap={acts.onSwap}
					onClose={acts.close}
				/>
			);
		case 'take':
			return <TakePanel view={view} onStart={acts.onTakeStart} onFact={acts.onKeep} onClose={acts.close} />;
		case 'none':
			return null;
	}
}
