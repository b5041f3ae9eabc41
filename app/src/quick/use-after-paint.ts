import { useEffect, useState } from 'react';
import { afterPaint } from './after-paint';

/** A value as it was when the last frame was painted: for what may follow an answer to a touch by a frame. */
export function useAfterPaint<T>(value: T): T {
	const [shown, setShown] = useState(value);
	useEffect(() => afterPaint(() => setShown(value)), [value]);
	return shown;
}
