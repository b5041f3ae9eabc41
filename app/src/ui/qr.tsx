import qrcode from 'qrcode-generator';
import { useMemo } from 'react';
import Svg, { Path, Rect } from 'react-native-svg';
import { Box } from './box';

/** The quiet zone round a QR picture, in modules. */
const QUIET = 4;

type Props = { readonly text: string; readonly label: string; readonly size?: number; readonly testID?: string };

/**
 * A text as a QR picture, for the camera of another device. It is dark on light whatever the theme: many cameras read no other.
 * @see ISO/IEC 18004
 */
export function Qr({ text, label, size = 220, testID }: Props) {
	const { path, side } = useMemo(() => {
		const qr = qrcode(0, 'M');
		qr.addData(text);
		qr.make();
		const count = qr.getModuleCount();
		const dark: string[] = [];
		for (let row = 0; row < count; row++)
			for (let column = 0; column < count; column++)
				if (qr.isDark(row, column)) dark.push(`M${column + QUIET} ${row + QUIET}h1v1h-1z`);
		return { path: dark.join(''), side: count + 2 * QUIET };
	}, [text]);
	return (
		<Box
			role="img"
			aria-label={label}
			style={{ width: size, maxWidth: '100%', aspectRatio: 1 }}
			{...(testID ? { testID } : {})}
		>
			<Svg width="100%" height="100%" viewBox={`0 0 ${side} ${side}`}>
				<Rect width={side} height={side} fill="#ffffff" />
				<Path d={path} fill="#000000" />
			</Svg>
		</Box>
	);
}
