import { createContext, type ReactNode, useContext, useDeferredValue } from 'react';
import { Panel } from '../ui/panel';

/** What the Desk gives to the frame of the panel that is open. */
export type Framing = {
	readonly title: string;
	readonly testID: string;
	readonly onClose: (() => void) | null;
};

export const FramingContext = createContext<Framing>({ title: '', testID: '', onClose: null });

type Props = {
	/** A title that says more than the name of the panel. */
	readonly title?: string;
	readonly children: ReactNode;
	/** What is pressed next, below what scrolls. */
	readonly foot?: ReactNode;
};

/** The frame round what a panel of the Desk holds: its title, and a way to close it where there is something to close to. */
export function PanelFrame({ title, children, foot }: Props) {
	const framing = useContext(FramingContext);
	// The frame answers the touch that opened it; what it holds follows as soon as that is painted, as on a page.
	const isPainted = useDeferredValue(true, false);
	return (
		<Panel
			title={title ?? framing.title}
			testID={framing.testID}
			foot={isPainted ? foot : null}
			{...(framing.onClose ? { onClose: framing.onClose } : {})}
		>
			{isPainted ? children : null}
		</Panel>
	);
}
