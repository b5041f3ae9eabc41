import { type ComponentProps, useEffect, useRef } from 'react';
import { Touch } from './box';

/** How long a finger rests on something that is held, in milliseconds. */
const HOLD_MS = 500;

type Props = ComponentProps<typeof Touch> & {
	/** Done when it is held instead of touched. */
	readonly onHold: () => void;
};

/** Something that does one thing when it is touched and another when it is held. */
export function HoldTouch({ onTouch, onHold, ...rest }: Props) {
	const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
	const isHeld = useRef(false);
	const letGo = () => clearTimeout(timer.current);
	useEffect(() => () => clearTimeout(timer.current), []);
	return (
		<Touch
			{...rest}
			onPointerDown={() => {
				isHeld.current = false;
				letGo();
				timer.current = setTimeout(() => {
					isHeld.current = true;
					onHold();
				}, HOLD_MS);
			}}
			onPointerUp={letGo}
			onPointerCancel={letGo}
			onPointerLeave={letGo}
			onTouch={() => {
				// The touch that ends a hold has done its work.
				if (!isHeld.current) onTouch();
				isHeld.current = false;
			}}
		/>
	);
}
