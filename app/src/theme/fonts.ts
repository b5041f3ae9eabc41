import Regular from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf';
import SemiBold from '@expo-google-fonts/atkinson-hyperlegible-next/600SemiBold/AtkinsonHyperlegibleNext_600SemiBold.ttf';
import Mono from '@fontsource/atkinson-hyperlegible-mono/files/atkinson-hyperlegible-mono-latin-400-normal.woff2';

/** The device's own letters: those of a width near ours first, so that what is labelled in them fits as well. */
const NARROW = "Arial, Roboto, 'DejaVu Sans Condensed', system-ui, sans-serif";

/** The two families, shipped with the app: each face with what the device has in its place until it is here. */
export const FACES = [
	{ style: '--face', family: 'Atkinson Next', weight: 400, file: Regular, instead: NARROW },
	{
		style: '--face-strong',
		family: 'Atkinson Next Strong',
		weight: 600,
		file: SemiBold,
		instead: NARROW,
	},
	{ style: '--face-mono', family: 'Atkinson Mono', weight: 400, file: Mono, instead: 'ui-monospace, monospace' },
] as const;

function addressOf(file: unknown): string {
	return typeof file === 'string' ? file : ((file as { uri?: string }).uri ?? '');
}

/**
 * The faces for the page's style sheet. A page that is opened for the first time has the device's own letters: it neither waits
 * for ours nor moves when they come. `data-faces="here"` on the page says that they lie on this device.
 */
export function faceStyles(): string {
	const faces = FACES.map(
		({ family, weight, file }) =>
			`@font-face { font-family: '${family}'; font-weight: ${weight}; src: url(${addressOf(file)}); font-display: swap; }`,
	);
	const named = (of: (face: (typeof FACES)[number]) => string) =>
		FACES.map((face) => `${face.style}: ${of(face)};`).join(' ');
	return [
		...faces,
		`:root { ${named(({ instead }) => instead)} }`,
		`:root[data-faces="here"] { ${named(({ family, instead }) => `'${family}', ${instead}`)} }`,
	].join('\n');
}
