import { nanoid } from '@reduxjs/toolkit';
import { addingStep, askedBy, type Fact, type Factor, fieldOf, isUnwritten } from '@tidy-sum/core';
import type { TakenOn } from '@tidy-sum/core/help';
import type { SingleStep, Step } from '@tidy-sum/schema';
import { type Href, useRouter } from 'expo-router';
import { type RefObject, useEffect, useMemo, useRef } from 'react';
import { afterPaint, afterPaintOrLeft } from '../quick/after-paint';
import type { Arrive } from '../quick/ahead';
import { type AppState, useAppDispatch } from '../store/store';
import { pageAttention } from '../work/attention';
import { checkWork } from '../work/check-work';
import { type DeskView, deskIn } from '../work/desk-view';
import { ownName } from '../work/exercises';
import { SHELF } from '../work/list-names';
import type { Covered } from '../work/numbers';
import { closed, freed, keyed, type Panel, showed } from '../work/panel-slice';
import { begunAnew, did, redid, swapped, undid } from '../work/works-reducer';
import { opensAt, opensItself } from './what-next';

/** Done when the next frame has been painted, or the page is left before. */
const painted = () => new Promise<void>((go) => afterPaintOrLeft(go));

/** The panel that is chosen at this moment. */
const openNow = (_: unknown, getState: () => AppState): Panel => getState().desk.panel;

/** What the Desk of an exercise opens by itself, as its line is at this moment. */
const nextOpen = (exercise: string) => (_: unknown, getState: () => AppState) => {
	const view = deskIn(getState(), exercise);
	return view && opensItself(view, opensAt(exercise, getState().settings));
};

const NOTHING = { number: '', unit: '' };

/** Everything one can do on the Desk, each by its name. */
export type Acts = ReturnType<typeof actsOf>;

type Hands = {
	readonly exercise: string;
	readonly dispatch: ReturnType<typeof useAppDispatch>;
	readonly go: (path: string) => void;
	/** Draws a block before its step is taken; the line sets it. */
	readonly arriving: RefObject<Arrive<Factor> | null>;
	/** The time worked when the exercise was opened, or sent to the check before, in milliseconds. */
	readonly since: RefObject<number>;
};

function actsOf({ exercise, dispatch, go, arriving, since }: Hands) {
	const show = (next: Panel) => dispatch(showed(next));
	const close = () => dispatch(closed());
	const open = (other: string) => go(`/desk/${other}`);
	/** One touch makes one step. A block that a turn or a power makes right gives way to what comes next. */
	const onDo = (...steps: readonly SingleStep[]) => {
		const [only] = steps;
		if (!only) return;
		dispatch(did(exercise, steps.length === 1 ? only : { do: 'together', steps: [...steps] }));
		if (only.do !== 'turn' && only.do !== 'raise') return;
		afterPaint(() => {
			if (dispatch(openNow).kind === 'block' && dispatch(nextOpen(exercise))) dispatch(freed());
		});
	};
	/**
	 * Lays a block on the line; behind the last one, or where it is said. A step without its number is written at once.
	 * @param after a block that is laid before it by the same touch.
	 */
	const onPlace = (factor: Factor, to?: number, after?: Factor) => {
		const block = nanoid(8);
		const before = dispatch(openNow);
		arriving.current?.(after ?? factor);
		const first: readonly SingleStep[] = after ? [{ do: 'place', block: nanoid(8), factor: after }] : [];
		const place: SingleStep = { do: 'place', block, factor };
		afterPaint(() => {
			onDo(...first, place, ...(to === undefined ? [] : [{ do: 'move', block, to } as const]));
			afterPaint(() => {
				// Who has opened another panel meanwhile stays there.
				if (dispatch(openNow) !== before) return;
				const next = dispatch(nextOpen(exercise));
				// A step that is no factor may go the wrong way; its panel says what it did.
				if (!isUnwritten(factor) && (fieldOf(factor) ? next?.kind === 'answer' : next)) dispatch(freed());
				else show({ kind: 'block', id: block, ...(isUnwritten(factor) ? { writing: true } : {}) });
			});
		});
	};
	const onWriteBlock = (factor: Factor) => {
		const block = nanoid(8);
		dispatch(did(exercise, { do: 'place', block, factor }));
		show({ kind: 'block', id: block, writing: true });
	};
	const onShelf = (step: Step) => dispatch(did(SHELF, step));
	const onCheck = () => {
		const worked = pageAttention.worked();
		void dispatch(checkWork(exercise, (worked - since.current) / 1000, painted));
		since.current = worked;
		show({ kind: 'verdict' });
	};
	return {
		arriving,
		show,
		close,
		go,
		open,
		onDo,
		onPlace,
		onShelf,
		onCheck,
		undo: () => dispatch(undid(exercise)),
		redo: () => dispatch(redid(exercise)),
		onUnit: (unit: string) => show({ kind: 'facts', unit }),
		onBlock: (id: string) => show({ kind: 'block', id }),
		onStart: () => show({ kind: 'start' }),
		onQuantity: (from: number) => show({ kind: 'places', from }),
		/** Opens the page on which a student's own problem is changed. */
		onOwnProblem: () => go(`/bring/${exercise}`),
		onWrite: () => onWriteBlock({ top: NOTHING, bottom: NOTHING }),
		onAddStep: () => onWriteBlock(addingStep('')),
		onKeep: (fact: Fact) => onShelf({ do: 'keep', id: nanoid(8), fact }),
		onWholeShelf: () => go('/shelf'),
		onZeros: (figures: number) => onDo({ do: 'zeros', block: null, figures }),
		onKey: (text: string) => dispatch(keyed({ exercise, text })),
		/** Takes a number into the answer, in place of what is there. */
		onTakeNumber: (number: string) => {
			onDo({ do: 'answer', text: number });
			show({ kind: 'answer' });
		},
		onCalculator: () => show({ kind: 'calculator' }),
		onAnswer: () => show({ kind: 'answer' }),
		onAnswerText: (text: string) => onDo({ do: 'answer', text }),
		/** Checks the answer; if it cannot be sent yet, says so beside it. */
		onCheckNow: ({ exercise: of, work, blocks }: DeskView) => {
			const { answering } = askedBy(of);
			const isThere =
				answering.by === 'typing'
					? answering.fault(work.answer) === null
					: answering.by === 'placing'
						? blocks.length > 0
						: work.answer !== '';
			if (isThere) onCheck();
			else show({ kind: 'answer', asked: true });
		},
		onNudge: () => show({ kind: 'nudge' }),
		// What is typed there may already be enough to begin; the panel stays until it is left.
		onOwnDo: (...steps: readonly SingleStep[]) => {
			show({ kind: 'own' });
			onDo(...steps);
		},
		/** Looks at a number that is covered; that is kept, and counts. */
		onUncover: (what: Covered) => onDo({ do: 'uncover', what }),
		onTold: () => onDo({ do: 'nudge', steps: 1 }),
		onAnew: () => {
			dispatch(begunAnew(exercise));
			close();
		},
		onWorking: () => go(`/working/${exercise}`),
		onHandIn: () => go(`/hand-in/${exercise}`),
		onTakeStart: ({ quantity, figures }: TakenOn) => {
			const next = ownName(nanoid(10));
			dispatch(did(next, { do: 'start', start: quantity, ...(figures === null ? {} : { figures }) }));
			open(next);
		},
		onSwap: (id: string) => dispatch(swapped({ exercise, id })),
	};
}

/** What can be done on the Desk of an exercise. It stays the same from one drawing to the next. */
export function useActs(exercise: string): Acts {
	const dispatch = useAppDispatch();
	const router = useRouter();
	const arriving = useRef<Arrive<Factor>>(null);
	const since = useRef(0);
	const opened = useRef('');
	useEffect(() => {
		if (opened.current === exercise) return;
		opened.current = exercise;
		since.current = pageAttention.worked();
	}, [exercise]);
	return useMemo(
		() => actsOf({ exercise, dispatch, go: (path) => router.navigate(path as Href), arriving, since }),
		[exercise, dispatch, router],
	);
}
