import { type Factor, isStated, sayQuantity, sidesOfStart } from '@tidy-sum/core';
import type { Ref } from 'react';
import { Ahead, type Arrive } from '../quick/ahead';
import type { DeskView } from '../work/desk-view';
import { BlockSketch } from './block-sketch';
import { LineRow } from './line-row';
import * as words from './words';

type Props = {
	readonly view: DeskView;
	readonly touched: string | null;
	readonly selected: string | null;
	readonly onUnit: (unit: string) => void;
	readonly onBlock: (id: string) => void;
	readonly onStart: () => void;
	/** The handle that draws a block before the line has it. */
	readonly arriving: Ref<Arrive<Factor>>;
	/** Told where the line ends on the page, so that it can be kept in view. */
	readonly onEnd: (bottom: number) => void;
};

/** Whether a block changes the value, and it may be said: at once in close support, else once checked. */
function isUnequal({ worked, support, verdict, exercise }: DeskView, index: number): boolean {
	const read = worked.read.factors[index];
	if (worked.factors[index]?.equal !== false || !read || (support !== 'close' && !verdict)) return false;
	return !isStated(read, exercise);
}

const sketch = (factor: Factor) => <BlockSketch factor={factor} />;

/** The line that is worked on the Desk. */
export function Line({ view, touched, selected, onUnit, onBlock, onStart, arriving, onEnd }: Props) {
	const { worked, chain, started, support } = view;
	// What limits the figures is pointed at once the line closes.
	const pointed = view.closed && support === 'close';
	return (
		<LineRow
			start={started ? chain.start : null}
			worked={worked}
			shown={view.shown}
			until={view.exercise.until}
			high={view.high}
			columns={view.columns}
			blocks={view.blocks}
			touched={touched}
			selected={selected}
			isUnequal={(index) => isUnequal(view, index)}
			isLimit={(index) => pointed && worked.limitedBy.includes(index)}
			onUnit={onUnit}
			onBlock={onBlock}
			onStart={onStart}
			onEnd={onEnd}
			label={
				started ? words.theLineStartingFrom(sayQuantity(sidesOfStart(chain.start).top)) : words.theLineWithNoStartYet
			}
			testID="line"
		>
			<Ahead ref={arriving} count={view.blocks.length} sketch={sketch} />
		</LineRow>
	);
}
