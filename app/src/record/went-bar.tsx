import type { Went } from '@tidy-sum/core/practice';
import type { WentCounts } from '@tidy-sum/core/record';
import type { Palette } from '../theme/tokens';
import { usePalette } from '../theme/use-palette';
import { PartsBar } from '../ui/parts-bar';

/** The ways an exercise can go, in the order they are drawn and said. */
const SHOWN: readonly (readonly [Exclude<Went, 'untouched'>, string])[] = [
	['at-once', 'right at once'],
	['after-nudge', 'right after a nudge'],
	['uncovered', 'right with numbers uncovered'],
	['after-try', 'right after another try'],
	['shown', 'right once the line was shown'],
	['not-yet', 'not yet right'],
];

/** Counts in words: "8 right at once, 2 after another try"; none that is nothing. */
export function sayWent(counts: WentCounts): string {
	return SHOWN.flatMap(([went, says]) => (counts[went] ? [`${counts[went]} ${says}`] : [])).join(', ');
}

const HEIGHT = 16;

function colourOf({ pine, edge, apricotEdge, look }: Palette, went: Exclude<Went, 'untouched'>): string {
	return {
		'at-once': pine,
		'after-nudge': edge,
		uncovered: edge,
		'after-try': apricotEdge,
		shown: look,
		'not-yet': look,
	}[went];
}

/** How exercises went as a bar; the same stands beside it in words. */
export function WentBar({ counts, most }: { readonly counts: WentCounts; readonly most: number }) {
	const palette = usePalette();
	const parts = SHOWN.map(([name]) => ({ name, count: counts[name], colour: colourOf(palette, name) }));
	return <PartsBar parts={parts} most={most} height={HEIGHT} says={sayWent(counts) || 'nothing'} />;
}
