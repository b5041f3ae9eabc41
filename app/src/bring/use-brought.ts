import { TEXT_LIMIT } from '@tidy-sum/schema';
import { useCallback, useEffect, useRef, useState } from 'react';
import { useAppDispatch, useAppSelector } from '../store/store';
import { workNamed } from '../work/how-far';
import { NO_WORK, type Work } from '../work/work';
import { did } from '../work/works-reducer';
import type { Brought } from '../worker/core-jobs';
import { work as inWorker } from '../worker/core-worker';

/** How long one has not typed before the text is read, in ms. */
const READ_AFTER_MS = 150;

/** What stands in the field, what is kept of it, and what was read of it. */
export type BroughtText = {
	/** The text as it stood when one last paused: a key is drawn by the field alone. */
	readonly text: string;
	/** How often the text came from elsewhere than the field: from an undo, or a file. */
	readonly turn: number;
	readonly onText: (text: string) => void;
	/** Puts another text into the field. */
	readonly putText: (text: string) => void;
	/** Keeps at once what was typed last, before something else is done to the problem. */
	readonly settle: () => void;
	/** The problem as it stands: what was read, and what was said by hand. */
	readonly work: Work;
	/** What the text is; null while it is being read for the first time. */
	readonly brought: Brought | null;
	/** Whether the text is longer than can be kept; it stays in the field. */
	readonly isTooLong: boolean;
};

/**
 * A text that is typed or pasted: read away from the screen whenever one pauses, and kept with what was read of it. What
 * is in the field never waits for the reading.
 */
export function useBrought(name: string): BroughtText {
	const dispatch = useAppDispatch();
	const work = useAppSelector(({ works }) => workNamed(works, name)) ?? NO_WORK;
	const [{ text, turn }, setText] = useState({ text: work.text, turn: 0 });
	const [read, setRead] = useState<{ readonly text: string; readonly brought: Brought } | null>(null);
	const latest = useRef(text);
	const kept = useRef(work.text);
	/** The text whose reading is kept with it. */
	const toldFor = useRef(work.told || work.text === '' ? work.text : null);
	const timer = useRef<ReturnType<typeof setTimeout>>(undefined);

	const keep = useCallback(
		(next: string, brought: Brought | null) => {
			if (next.length > TEXT_LIMIT || (next === kept.current && !brought)) return;
			kept.current = next;
			toldFor.current = brought ? next : null;
			dispatch(did(name, { do: 'pose', text: next, ...(brought ? { told: brought.told } : {}) }));
		},
		[dispatch, name],
	);
	const readNow = useCallback(
		async (next: string) => {
			const brought = await inWorker((jobs) => jobs.bring(next.slice(0, TEXT_LIMIT))).catch(() => null);
			if (latest.current !== next) return;
			if (brought) setRead({ text: next, brought });
			if (toldFor.current !== next) keep(next, brought);
		},
		[keep],
	);
	const onText = useCallback(
		(next: string) => {
			latest.current = next;
			clearTimeout(timer.current);
			timer.current = setTimeout(() => {
				setText((before) => ({ ...before, text: next }));
				void readNow(next);
			}, READ_AFTER_MS);
		},
		[readNow],
	);
	const putText = useCallback(
		(next: string) => {
			latest.current = next;
			setText((before) => ({ text: next, turn: before.turn + 1 }));
			void readNow(next);
		},
		[readNow],
	);
	// What was kept before is read as one comes back to it; an undo brings another text.
	useEffect(() => {
		if (work.text === kept.current && work.text === latest.current) return;
		if (work.text === kept.current) return;
		kept.current = work.text;
		// Nothing is done to what an undo brought back, so that a redo still follows.
		toldFor.current = work.text;
		putText(work.text);
	}, [work.text, putText]);
	useEffect(() => {
		if (latest.current !== '') void readNow(latest.current);
	}, [readNow]);
	const settle = useCallback(() => {
		setText((before) => (before.text === latest.current ? before : { ...before, text: latest.current }));
		keep(latest.current, null);
	}, [keep]);
	// What was typed last is kept as one leaves, read or not.
	useEffect(() => {
		globalThis.addEventListener?.('pagehide', settle);
		return () => {
			globalThis.removeEventListener?.('pagehide', settle);
			clearTimeout(timer.current);
			keep(latest.current, null);
		};
	}, [settle, keep]);
	return {
		text,
		turn,
		onText,
		putText,
		settle,
		work,
		brought: read?.brought ?? null,
		isTooLong: text.length > TEXT_LIMIT,
	};
}
