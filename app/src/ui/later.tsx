import { type ComponentType, lazy, Suspense } from 'react';

/**
 * A component whose script comes when it is first needed.
 * @param load gives the component; it is asked once.
 */
export function later<P extends object>(load: () => Promise<ComponentType<P>>): ComponentType<P> {
	const Loaded = lazy(() => load().then((component) => ({ default: component })));
	return function Later(props: P) {
		return (
			<Suspense fallback={null}>
				<Loaded {...props} />
			</Suspense>
		);
	};
}
