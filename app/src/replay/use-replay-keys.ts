import { useEffect } from 'react';

type Keys = { readonly onStep: (by: number) => void; readonly onToggle: () => void };

/** What types or moves by itself keeps its keys. */
function keepsKeys(target: EventTarget | null): boolean {
	return target instanceof HTMLElement && /^(?:INPUT|TEXTAREA|BUTTON)$/.test(target.tagName);
}

/** The keys of a replay: an arrow a step, the space bar to play and to halt. */
export function useReplayKeys({ onStep, onToggle }: Keys): void {
	useEffect(() => {
		const onKey = (event: KeyboardEvent) => {
			if (event.ctrlKey || event.metaKey || event.altKey || keepsKeys(event.target)) return;
			if (event.key === 'ArrowRight') onStep(1);
			else if (event.key === 'ArrowLeft') onStep(-1);
			else if (event.key === ' ') onToggle();
			else return;
			event.preventDefault();
		};
		globalThis.addEventListener?.('keydown', onKey);
		return () => globalThis.removeEventListener?.('keydown', onKey);
	}, [onStep, onToggle]);
}
