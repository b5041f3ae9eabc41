import { type AnswerWent, type Counts, sayCounts, WENT } from '@tidy-sum/exchange/report';
import type { Palette } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { PartsBar } from '../ui/parts-bar';

const HEIGHT = 18;

/** The colour of each way an answer went; each is said in words beside it as well. */
function colourOf(palette: Palette, went: AnswerWent): string {
	return { right: palette.pine, nearly: palette.fern, wrong: palette.look, unread: palette.edge }[went];
}

/** How answers went, as a bar; `most` is how many fill the whole width. */
export function CountsBar({ counts, most }: { readonly counts: Counts; readonly most: number }) {
	const palette = usePalette();
	const parts = WENT.map((name) => ({ name, count: counts[name], colour: colourOf(palette, name) }));
	return <PartsBar parts={parts} most={most} height={HEIGHT} says={sayCounts(counts)} />;
}
