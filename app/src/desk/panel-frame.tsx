import { __iconData as Bulb } from 'lucide-react-native/icons/lightbulb';
import { createContext, type ReactNode, useContext, useDeferredValue } from 'react';
import { Button } from '../ui/button';
import { Panel } from '../ui/panel';
import { useRoom } from '../ui/use-room';
import * as words from './words';

/** What the Desk gives to the frame of the panel that is open. */
export type Framing = {
	readonly title: string;
	readonly testID: string;
	readonly onClose: (() => void) | null;
	/** Asks for a hint, where the panel hides the way to it. */
	readonly onHint: (() => void) | null;
};

export const FramingContext = createContext<Framing>({ title: '', testID: '', onClose: null, onHint: null });

/** From this width on the head has room for the word of a hint beside a title. */
const HINT_WORD_FROM = 360;

function HintButton({ onPress }: { readonly onPress: () => void }) {
	const hasWord = useRoom().width >= HINT_WORD_FROM;
	const named = hasWord ? { label: words.hint } : { label: '', say: words.hint };
	return <Button {...named} icon={Bulb} onPress={onPress} testID="nudge-open" />;
}

type Props = {
	/** A title that says more than the name of the panel. */
	readonly title?: string;
	/** Whether there is too little height for a head: what it holds has the way to close it. */
	readonly isBare?: boolean;
	readonly children: ReactNode;
	/** What is pressed next, below what scrolls. */
	readonly foot?: ReactNode;
};

/** The frame round what a panel of the Desk holds: its title, and a way to close it where there is something to close to. */
export function PanelFrame({ title, isBare = false, children, foot }: Props) {
	const framing = useContext(FramingContext);
	// The frame answers the touch that opened it; what it holds follows as soon as that is painted, as on a page.
	const isPainted = useDeferredValue(true, false);
	return (
		<Panel
			title={title ?? framing.title}
			isBare={isBare}
			testID={framing.testID}
			foot={isPainted ? foot : null}
			aside={framing.onHint ? <HintButton onPress={framing.onHint} /> : null}
			{...(framing.onClose ? { onClose: framing.onClose } : {})}
		>
			{isPainted ? children : null}
		</Panel>
	);
}
