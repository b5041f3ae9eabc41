/**
 * Does something once the next frame has been painted: what answers a touch comes first, what follows from
 * it in the frame after.
 * @returns a function that takes it back while it is still to come.
 */
export function afterPaint(act: () => void): () => void {
	let timer: ReturnType<typeof setTimeout> | undefined;
	const frame = requestAnimationFrame(() => {
		timer = setTimeout(act, 0);
	});
	return () => {
		cancelAnimationFrame(frame);
		clearTimeout(timer);
	};
}

/**
 * Does something once the next frame has been painted, and at once where the page is left before, or is not seen: for what
 * must not be lost with the page.
 */
export function afterPaintOrLeft(act: () => void): void {
	if (document.visibilityState === 'hidden') {
		act();
		return;
	}
	const go = () => {
		callOff();
		window.removeEventListener('pagehide', go);
		document.removeEventListener('visibilitychange', go);
		act();
	};
	const callOff = afterPaint(go);
	window.addEventListener('pagehide', go);
	document.addEventListener('visibilitychange', go);
}
