import { rmSync } from 'node:fs';

/** Takes a folder away with all that is in it; a browser that is just ending may write there for a moment more. */
export function clearAway(folder: string): void {
	rmSync(folder, { recursive: true, force: true, maxRetries: 30, retryDelay: 100 });
}
