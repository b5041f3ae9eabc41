import { placeInRound } from '@tidy-sum/core';
import type { Told } from '@tidy-sum/schema';
import { useEffect, useState } from 'react';
import { wanted } from '../sync/sync-slice';
import { exerciseNamed, isOwn } from '../work/exercises';
import { posingStep } from '../work/handed';
import { workNamed } from '../work/how-far';
import { bringReader, isReaderHere } from '../work/own-reader';
import { placeInSheet } from '../work/sheet';
import { did } from '../work/works-reducer';
import { work } from '../worker/core-worker';
import { useAppDispatch, useAppSelector } from './store';
import { useRound } from './use-round';
import * as words from './words';

/** Whether there is an exercise of a name: it lies ready, its Round is being made, or there is none, and why. */
export type Readiness =
	| { readonly is: 'ready' }
	| { readonly is: 'coming'; readonly says?: string }
	| { readonly is: 'none'; readonly why: string };

/** Whether a problem of a sheet is posed: one that is opened for the first time is read and posed as it lies on the sheet. */
function usePosed(name: string): boolean {
	const dispatch = useAppDispatch();
	const lying = useAppSelector(({ works }) => {
		if (!isOwn(name) || works.open[name] !== undefined) return null;
		const place = placeInSheet(works, name);
		return place?.sheet.problems[place.at] ?? null;
	});
	useEffect(() => {
		if (lying === null) return;
		const pose = (read?: Told) => dispatch(did(name, posingStep(lying, read)));
		if (lying.told) pose();
		else
			work((jobs) => jobs.tell([lying.text])).then(
				([told]) => pose(told),
				() => pose(),
			);
	}, [dispatch, name, lying]);
	return lying === null;
}

/** Whether what reads the text of one's own problem is here, where it is needed; where it cannot come, one goes on without. */
function useReader(needed: boolean): boolean {
	const [here, setHere] = useState(isReaderHere());
	useEffect(() => {
		if (!needed || here) return;
		const go = () => setHere(true);
		bringReader().then(go, go);
	}, [needed, here]);
	return here;
}

/** Sees to it that the steps of a piece of work come, where the server alone has them; whether they are still to come. */
export function useSteps(id: string | undefined): boolean {
	const dispatch = useAppDispatch();
	const isAway = useAppSelector(({ works }) => works.byId[id ?? '']?.away !== undefined);
	useEffect(() => {
		if (isAway && id) dispatch(wanted(id));
	}, [dispatch, isAway, id]);
	return isAway;
}

const UNREAD = words.thisLineCannotBeReadHereIt;

/** What is said while the steps of a piece of work are still to come. */
export function useSaysComing(): string {
	const isServerAway = useAppSelector(({ sync }) => sync.keeping === 'device');
	return isServerAway ? words.thisLineIsOnTheServerWhich : words.loadingThisLineFromThe;
}

/**
 * Sees to it that the exercise of a name lies ready: one of a Round comes when the Round is made, or was kept with the
 * work on it. What is shown of it
 * (`useDesk`) is asked for only then.
 */
export function useExercise(name: string): Readiness {
	const made = useRound(placeInRound(name)?.code);
	const isAway = useSteps(useAppSelector(({ works }) => works.open[name]));
	const isHereAway = useAppSelector(({ works }) => works.byId[works.open[name] ?? '']?.away?.here !== undefined);
	const isUnread = useAppSelector(({ works }) => works.byId[works.open[name] ?? '']?.away?.isUnread === true);
	const saysComing = useSaysComing();
	const says = isHereAway ? '' : saysComing;
	const isKept = useAppSelector(({ works }) => works.byId[works.open[name] ?? '']?.body.posed !== undefined);
	const isTextUnread = useAppSelector(({ works }) => {
		const own = isOwn(name) ? workNamed(works, name) : null;
		return own !== null && own.text !== '' && own.told === null;
	});
	const read = useReader(isTextUnread);
	const posed = usePosed(name);
	if (isUnread) return { is: 'none', why: UNREAD };
	if (isAway) return { is: 'coming', says };
	if (isOwn(name)) return { is: (read || !isTextUnread) && posed ? 'ready' : 'coming' };
	if (exerciseNamed(name) || isKept) return { is: 'ready' };
	if (!placeInRound(name)) return { is: 'none', why: words.thereIsNoExerciseCalled(name) };
	if (!made) return { is: 'coming' };
	return { is: 'none', why: made.ok ? words.thisRoundHasNoSuchExercise : made.fault.message };
}
