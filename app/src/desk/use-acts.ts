import { nanoid } from '@reduxjs/toolkit';
import { addingStep, type Fact, type Factor } from '@tidy-sum/core';
import type { Step } from '@tidy-sum/schema';
import { type Href, useRouter } from 'expo-router';
import { useCallback, useEffect, useRef } from 'react';
import { useAppDispatch } from '../store/store';
import { afterPaint } from '../ui/after-paint';
import type { Arrive } from './arriving';
import { checkWork } from './check-work';
import { closed, type Panel, showed } from './desk-slice';
import type { Taken } from './panels/take-panel';
import { SHELF } from './shelf';
import { ownName } from './work';
import { begunAnew, did, swapped } from './works-slice';

const NOTHING = { number: '', unit: '' };

/** Everything one can do on the Desk, each by its name. */
export type Acts = ReturnType<typeof useActs>;

/**
 * What can be done on the Desk of an exercise. Those that the line, the balance and the Shelf are given stay the same
 * from one drawing to the next, so that these are drawn anew only when what they show has changed.
 */
export function useActs(exercise: string) {
	/** Draws a block before its step is taken; the line lays hold of it. */
	const arriving = useRef<Arrive>(null);
	const dispatch = useAppDispatch();
	const router = useRouter();
	const show = useCallback((next: Panel) => dispatch(showed(next)), [dispatch]);
	const close = useCallback(() => dispatch(closed()), [dispatch]);
	const onDo = useCallback(
		(...steps: readonly Step[]) => {
			const [only] = steps;
			if (!only) return;
			const singles = steps.flatMap((step) => (step.do === 'together' ? step.steps : [step]));
			dispatch(did(exercise, steps.length === 1 ? only : { do: 'together', steps: singles }));
		},
		[dispatch, exercise],
	);
	const onUnit = useCallback((unit: string) => show({ kind: 'facts', unit }), [show]);
	const onBlock = useCallback((id: string) => show({ kind: 'block', id }), [show]);
	const onStart = useCallback(() => show({ kind: 'start' }), [show]);
	const onQuantity = useCallback((from: number) => show({ kind: 'places', from }), [show]);
	const onOwnProblem = useCallback(() => show({ kind: 'own' }), [show]);
	const onPlace = useCallback(
		(factor: Factor) => {
			const block = nanoid(8);
			arriving.current?.(factor);
			afterPaint(() => {
				dispatch(did(exercise, { do: 'place', block, factor }));
				afterPaint(() => show({ kind: 'block', id: block }));
			});
		},
		[dispatch, exercise, show],
	);
	const onWriteBlock = useCallback(
		(factor: Factor) => {
			const block = nanoid(8);
			dispatch(did(exercise, { do: 'place', block, factor }));
			show({ kind: 'block', id: block, writing: true });
		},
		[dispatch, exercise, show],
	);
	const onWrite = useCallback(() => onWriteBlock({ top: NOTHING, bottom: NOTHING }), [onWriteBlock]);
	const onAddStep = useCallback(() => onWriteBlock(addingStep('')), [onWriteBlock]);
	const onShelf = useCallback((step: Step) => dispatch(did(SHELF, step)), [dispatch]);
	const onKeep = useCallback((fact: Fact) => onShelf({ do: 'keep', id: nanoid(8), fact }), [onShelf]);
	const go = useCallback((path: string) => router.navigate(path as Href), [router]);
	const onWholeShelf = useCallback(() => go('/shelf'), [go]);
	const onZeros = useCallback((figures: number) => onDo({ do: 'zeros', block: null, figures }), [onDo]);
	const onCalculator = useCallback(() => show({ kind: 'calculator' }), [show]);
	const onAnswer = () => show({ kind: 'answer' });
	const since = useRef(0);
	// biome-ignore lint/correctness/useExhaustiveDependencies: the time starts anew with each exercise.
	useEffect(() => {
		since.current = Date.now();
	}, [exercise]);
	const onCheck = () => {
		void dispatch(checkWork(exercise, since.current));
		since.current = Date.now();
		show({ kind: 'verdict' });
	};
	const onNudge = useCallback(() => show({ kind: 'nudge' }), [show]);
	// What is typed there may already be enough to begin; the panel stays until it is left.
	const onOwnDo = useCallback(
		(...steps: readonly Step[]) => {
			onOwnProblem();
			onDo(...steps);
		},
		[onDo, onOwnProblem],
	);
	const onTold = useCallback(() => onDo({ do: 'nudge', steps: 1 }), [onDo]);
	const onAnew = () => {
		dispatch(begunAnew(exercise));
		close();
	};
	const open = (other: string) => go(`/desk/${other}`);
	const onOwn = () => open(ownName(nanoid(10)));
	const onHandIn = () => go(`/hand-in/${exercise}`);
	const onTakeStart = ({ quantity, figures }: Taken) => {
		const next = ownName(nanoid(10));
		dispatch(did(next, { do: 'start', start: quantity, ...(figures === null ? {} : { figures }) }));
		open(next);
	};
	const onSwap = (id: string) => dispatch(swapped({ exercise, id }));
	return {
		arriving,
		show,
		close,
		go,
		open,
		onDo,
		onUnit,
		onBlock,
		onStart,
		onQuantity,
		onOwnProblem,
		onPlace,
		onWrite,
		onAddStep,
		onShelf,
		onKeep,
		onWholeShelf,
		onZeros,
		onCalculator,
		onAnswer,
		onCheck,
		onNudge,
		onOwnDo,
		onTold,
		onAnew,
		onOwn,
		onHandIn,
		onTakeStart,
		onSwap,
	};
}
