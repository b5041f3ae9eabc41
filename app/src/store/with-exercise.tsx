import type { ReactNode } from 'react';
import { Coming, NotHere } from '../places/not-here';
import type { DeskView } from '../work/desk-view';
import { isOwn } from '../work/exercises';
import { useDesk } from './use-desk';
import { useExercise } from './use-exercise';

type Props = { readonly name: string; readonly children: (view: DeskView) => ReactNode };

/** The Desk of an exercise that lies ready. */
function Ready({ name, children }: Props) {
	const view = useDesk(name);
	return view && children(view);
}

/** What is shown of an exercise by its name, once it lies ready; and why there is none of that name. */
export function WithExercise({ name, children }: Props) {
	const ready = useExercise(name);
	if (ready.is === 'none') return <NotHere why={ready.why} />;
	if (ready.is === 'ready') return <Ready name={name}>{children}</Ready>;
	// From the device it comes within a frame or two.
	if (ready.says === '') return null;
	if (ready.says) return <Coming says={ready.says} />;
	return <Coming says={isOwn(name) ? 'The problem is being read…' : 'The Round is being laid out…'} />;
}
