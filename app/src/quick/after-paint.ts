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
