import type { LucideIconData } from 'lucide-react-native';
import { createElement, memo } from 'react';

type Props = { readonly icon: LucideIconData; readonly size: number; readonly color: string };

/**
 * An icon drawn as plain SVG, for what is drawn anew with every page: the elements alone, without the gestures that the
 * icons' own components bring (measured in docs/quick-touch.md).
 */
export const Icon = memo(function Icon({ icon, size, color }: Props) {
	return createElement(
		'svg',
		{
			width: size,
			height: size,
			viewBox: '0 0 24 24',
			fill: 'none',
			stroke: color,
			strokeWidth: 2,
			strokeLinecap: 'round',
			strokeLinejoin: 'round',
		},
		icon.node.map(([tag, { key, ...attributes }]) => createElement(tag, { key, ...attributes })),
	);
});
