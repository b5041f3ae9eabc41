import Regular from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf';
import SemiBold from '@expo-google-fonts/atkinson-hyperlegible-next/600SemiBold/AtkinsonHyperlegibleNext_600SemiBold.ttf';
import Mono from '@fontsource/atkinson-hyperlegible-mono/files/atkinson-hyperlegible-mono-latin-400-normal.woff2';
import { FONT } from './tokens';

/** The two families, shipped with the app. */
export const FONTS = { [FONT.regular]: Regular, [FONT.strong]: SemiBold, [FONT.mono]: Mono };
