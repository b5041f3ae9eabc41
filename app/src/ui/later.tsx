import { type ComponentType, useEffect, useState } from 'react';
import { loadWhereGone } from '../device/page-again';
import { Button } from './button';
import * as words from './ui-words';
import { Words } from './words';

type Coming<P> =
	| { readonly is: 'coming' }
	| { readonly is: 'here'; readonly Content: ComponentType<P> }
	| { readonly is: 'away' };

type Options<P> = {
	/** What is shown until then; nothing where it is left out. */
	readonly Ahead?: ComponentType<P>;
	/** Whether what it is shown with is there; its script is fetched meanwhile. */
	readonly useReady?: () => boolean;
};

const always = () => true;

/**
 * A component whose script comes when it is first needed. Where it cannot come, since the network is away, that is said,
 * and it is asked for again at a touch; what stands round it stays.
 * @param load gives the component; once it has come it is not asked for again.
 */
export function later<P extends object>(
	load: () => Promise<ComponentType<P>>,
	{ Ahead, useReady = always }: Options<P> = {},
): ComponentType<P> {
	let known: ComponentType<P> | null = null;
	return function Later(props: P) {
		const [coming, setComing] = useState<Coming<P>>(known ? { is: 'here', Content: known } : { is: 'coming' });
		const isReady = useReady();
		const asks = coming.is === 'coming';
		useEffect(() => {
			if (!asks) return;
			let gone = false;
			load().then(
				(Content) => {
					known = Content;
					if (!gone) setComing({ is: 'here', Content });
				},
				() => {
					if (!gone) setComing({ is: 'away' });
					void loadWhereGone();
				},
			);
			return () => {
				gone = true;
			};
		}, [asks]);
		if (coming.is === 'here' && isReady) return <coming.Content {...props} />;
		if (coming.is !== 'away') return Ahead ? <Ahead {...props} /> : null;
		return (
			<>
				<Words role="status" aria-live="polite">
					{words.thisPartHasNotLoaded}
				</Words>
				<Button label={words.tryAgain} onPress={() => setComing({ is: 'coming' })} />
			</>
		);
	};
}
