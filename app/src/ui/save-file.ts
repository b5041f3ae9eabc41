/** Gives the browser something to save as a file. */
export function saveFile(content: string | Uint8Array, name: string, type: string): void {
	const url = URL.createObjectURL(new Blob([content as BlobPart], { type }));
	const link = globalThis.document.createElement('a');
	link.href = url;
	link.download = name;
	link.click();
	URL.revokeObjectURL(url);
}
