import { useCallback, useEffect, useState } from 'react';
import type { Answer } from '../sync/server-request';

/** What the server answered, null until it has; and what asks it again. */
export function useAnswer<T>(ask: (() => Promise<Answer<T>>) | null): readonly [Answer<T> | null, () => Promise<void>] {
	const [answer, setAnswer] = useState<Answer<T> | null>(null);
	const again = useCallback(async () => {
		if (ask) setAnswer(await ask());
	}, [ask]);
	useEffect(() => {
		let gone = false;
		if (ask)
			void ask().then((came) => {
				if (!gone) setAnswer(came);
			});
		return () => {
			gone = true;
		};
	}, [ask]);
	return [answer, again];
}
