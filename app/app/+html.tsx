import type { ReactNode } from 'react';
import { SET_BEFORE_PAINT } from '../src/device/settings';
import * as words from '../src/places/titles';
import { faceStyles } from '../src/theme/fonts';
import { PAGE_STYLES } from '../src/theme/page-styles';
import { DARK, LIGHT } from '../src/theme/tokens';

/** What stands round every page: it is drawn ahead only, and never in a browser. */
export default function Html({ children }: { readonly children: ReactNode }) {
	return (
		<html lang="en">
			<head>
				<meta charSet="utf-8" />
				<meta
					name="viewport"
					content="width=device-width, initial-scale=1, viewport-fit=cover, interactive-widget=resizes-content"
				/>
				<meta name="description" content={words.unitConversionWorkedStepBy} />
				<meta name="theme-color" content={LIGHT.page} media="(prefers-color-scheme: light)" />
				<meta name="theme-color" content={DARK.page} media="(prefers-color-scheme: dark)" />
				<meta name="color-scheme" content="light dark" />
				<link rel="icon" href="/icon.svg" type="image/svg+xml" />
				<link rel="manifest" href="/manifest.webmanifest" />
				<link rel="apple-touch-icon" href="/icon-192.png" />
				{/* biome-ignore lint/security/noDangerouslySetInnerHtml: our own text, which the server's policy knows by its hash */}
				<script dangerouslySetInnerHTML={{ __html: SET_BEFORE_PAINT }} />
				{/* biome-ignore lint/security/noDangerouslySetInnerHtml: our own style sheet */}
				<style dangerouslySetInnerHTML={{ __html: `${faceStyles()}${PAGE_STYLES}` }} />
			</head>
			<body>
				<noscript>{words.tidySumRunsOnYourDeviceAnd}</noscript>
				{children}
			</body>
		</html>
	);
}
