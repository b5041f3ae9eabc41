import { memo, type ReactNode, type Ref, useEffect, useImperativeHandle, useState } from 'react';

/** Hands over something to draw at once, before the step is taken. */
export type Arrive<T> = (thing: T) => void;

type Props<T> = {
	readonly ref: Ref<Arrive<T>>;
	/** How many of them there are; once there is another, that one stands in this one's place. */
	readonly count: number;
	/** A sketch of it, of few elements. */
	readonly sketch: (thing: T) => ReactNode;
};

/**
 * What was just touched, as a sketch in its place: it is drawn in the next frame, and what follows from it in the one
 * after, when it is really there.
 */
function AheadOf<T>({ ref, count, sketch }: Props<T>) {
	const [ahead, setAhead] = useState<{ readonly thing: T; readonly at: number } | null>(null);
	useImperativeHandle(ref, () => (thing: T) => setAhead({ thing, at: count }), [count]);
	// What has changed since has it, or never will.
	useEffect(() => setAhead((now) => (now?.at === count ? now : null)), [count]);
	return ahead?.at === count ? sketch(ahead.thing) : null;
}

export const Ahead = memo(AheadOf) as typeof AheadOf;
