import { useFollowing } from '../store/use-following';
import type { DeskView } from '../work/desk-view';
import type { Panel } from '../work/panel-slice';
import { openable } from './panels';
import { useShortcuts } from './shortcuts';
import type { Acts } from './use-acts';
import { nextBlock } from './what-next';

/** Lets the keyboard do on the Desk what a touch does. */
export function useDeskKeys(view: DeskView, panel: Panel, acts: Acts): void {
	const { onDo, undo, redo, close } = acts;
	const openBlock = panel.kind === 'block' ? panel.id : null;
	const blockAt = view.blocks.findIndex(({ id }) => id === openBlock);
	const { out } = useFollowing(view.exercise.name);
	useShortcuts({
		leave: () => acts.go(out.path),
		undo,
		redo,
		close,
		open: (opens) => {
			const next = opens(view);
			if (next && openable(next, view).kind === next.kind) acts.show(next);
		},
		write: () => view.started && acts.onWrite(),
		check: () => acts.onCheckNow(view),
		walk: (by) => {
			const next = nextBlock(view, openBlock, by);
			if (next) acts.onBlock(next);
		},
		turn: () => {
			if (openBlock) onDo({ do: 'turn', block: openBlock });
			else if (panel.kind === 'start') onDo({ do: 'turnStart' });
		},
		remove: () => openBlock && onDo({ do: 'remove', block: openBlock }),
		move: (by) => openBlock && blockAt + by >= 0 && onDo({ do: 'move', block: openBlock, to: blockAt + by }),
		raise: () => {
			const power = view.blocks[blockAt]?.factor.power ?? 1;
			if (openBlock) onDo({ do: 'raise', block: openBlock, power: (power % 3) + 1 });
		},
	});
}
