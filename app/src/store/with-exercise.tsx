import { type ReactNode, useContext } from 'react';
import { Coming, NotHere } from '../places/not-here';
import { DecimalContext } from '../ui/decimal';
import type { DeskView } from '../work/desk-view';
import { isOwn } from '../work/exercises';
import { useDesk } from './use-desk';
import { useExercise } from './use-exercise';
import * as words from './words';

type Props = { readonly name: string; readonly children: (view: DeskView) => ReactNode };

/** The Desk of an exercise that lies ready, in the decimal mark that it or its class goes by. */
function Ready({ name, children }: Props) {
	const view = useDesk(name);
	const mark = useContext(DecimalContext);
	if (!view) return null;
	const { decimal, goesBy } = view.exercise;
	return <DecimalContext value={decimal ?? goesBy?.decimal ?? mark}>{children(view)}</DecimalContext>;
}

/** What is shown of an exercise by its name, once it lies ready; and why there is none of that name. */
export function WithExercise({ name, children }: Props) {
	const ready = useExercise(name);
	if (ready.is === 'none') return <NotHere why={ready.why} />;
	if (ready.is === 'ready') return <Ready name={name}>{children}</Ready>;
	// From the device it comes within a frame or two.
	if (ready.says === '') return null;
	if (ready.says) return <Coming says={ready.says} />;
	return <Coming says={isOwn(name) ? words.readingTheProblem : words.makingTheRound} />;
}
