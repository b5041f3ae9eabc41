import { askedBy } from '@tidy-sum/core';
import type { PanelProps } from '../panel-row';
import { ChosenAnswer } from './chosen-answer';
import { PlacedAnswer } from './placed-answer';
import { TypedAnswer } from './typed-answer';

declare module '../../work/panel-slice' {
	interface Panels {
		/** Where the answer is given; `asked` says at once what is missing, `cursor` puts the cursor into its field. */
		readonly answer: { readonly asked?: boolean; readonly cursor?: boolean };
	}
}

/** Where the answer is given, in the way its kind is: typed, laid as a block on the line, or chosen. */
export function AnswerPanel({ view, panel, acts, wide }: PanelProps<'answer'>) {
	const { answering } = askedBy(view.exercise);
	switch (answering.by) {
		case 'typing':
			return <TypedAnswer view={view} acts={acts} wide={wide} typing={answering} panel={panel} />;
		case 'placing':
			return <PlacedAnswer view={view} acts={acts} />;
		case 'choosing':
			return <ChosenAnswer view={view} acts={acts} line={answering.line} />;
	}
}
