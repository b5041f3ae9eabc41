import type { ReactNode } from 'react';
import { BAR, CORNER, FROM_TO, GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Fraction } from '../ui/fraction';
import { Words } from '../ui/words';
import * as words from './words';

/** The room of a picture, of one width for all, so that the words beside them are in line. */
function Frame({ children, column = false }: { readonly children: ReactNode; readonly column?: boolean }) {
	const styles = useStyles();
	return (
		<Box style={[styles.frame, column ? styles.column : styles.row]} aria-hidden>
			{children}
		</Box>
	);
}

type TokenProps = { readonly children: string; readonly look?: 'plain' | 'goes' | 'waits' | 'filled' };

/** A unit or a quantity as the balance has it: what must go, what is wanted, or what is done. */
function Token({ children, look = 'plain' }: TokenProps) {
	const styles = useStyles();
	return (
		<Words
			size="small"
			tone={look === 'goes' ? 'onApricot' : look === 'filled' ? 'pine' : 'ink'}
			style={[styles.token, styles[look]]}
		>
			{children}
		</Words>
	);
}

/** Two quantities that are equal, and the factor they make. */
export function FactsPicture() {
	return (
		<Frame>
			<Fraction
				top={<Words size="small">{words.twoPointFiveFourCm}</Words>}
				bottom={<Words size="small">{words.oneInch}</Words>}
			/>
			<Words size="small">=</Words>
			<Words size="small" strong>
				1
			</Words>
		</Frame>
	);
}

/** Rungs of prefixes with a value on one and its target on another. */
export function LadderPicture() {
	const styles = useStyles();
	const rungs = [
		{ unit: 'km', look: 'plain' },
		{ unit: '2.5 m', look: 'goes' },
		{ unit: '? cm', look: 'waits' },
	] as const;
	return (
		<Frame column>
			{rungs.map(({ unit, look }) => (
				<Box key={unit} style={styles.rung}>
					<Box style={styles.rail} />
					<Token look={look}>{unit}</Token>
					<Box style={styles.rail} />
				</Box>
			))}
		</Frame>
	);
}

/** One warmth on three scales. */
export function TemperaturePicture() {
	const styles = useStyles();
	return (
		<Frame>
			{['293 K', '20 °C', '68 °F'].map((reading) => (
				<Box key={reading} style={styles.scale}>
					<Box style={styles.stem}>
						<Box style={styles.level} />
					</Box>
					<Words size="small" style={styles.reading}>
						{reading}
					</Words>
				</Box>
			))}
		</Frame>
	);
}

/** Eight whole feet and a part of one, which is nine inches. */
export function MixedPicture() {
	const styles = useStyles();
	return (
		<Frame column>
			<Words size="small">{words.eightPointSevenFiveFt}</Words>
			<Box style={styles.wholes}>
				{Array.from({ length: 9 }, (_, i) => (
					// biome-ignore lint/suspicious/noArrayIndexKey: the feet of a plank are in order
					<Box key={i} style={styles.whole}>
						<Box style={[styles.share, { width: i < 8 ? '100%' : '75%' }]} />
					</Box>
				))}
			</Box>
			<Words size="small" strong>
				{words.eightFtNineIn}
			</Words>
		</Frame>
	);
}

/** A number with the digits that count on a bar. */
export function FiguresPicture() {
	const styles = useStyles();
	return (
		<Frame>
			<Words size="title" tone="soft">
				0.0
			</Words>
			{[...'820'].map((digit) => (
				<Words key={digit} size="title" strong style={styles.counts}>
					{digit}
				</Words>
			))}
		</Frame>
	);
}

/** Both units of a rate, before and after. */
export function RatePicture() {
	return (
		<Frame>
			<Fraction top={<Token look="goes">{words.km}</Token>} bottom={<Token look="goes">h</Token>} />
			<Words size="small">→</Words>
			<Fraction top={<Token look="filled">m</Token>} bottom={<Token look="filled">s</Token>} />
		</Frame>
	);
}

/** The same mass beside things of the station. */
export function SensePicture() {
	const styles = useStyles();
	const things = [
		{ is: '30 g', share: '12%' },
		{ is: '454 g', share: '45%' },
		{ is: '24 kg', share: '100%' },
	] as const;
	return (
		<Frame column>
			{things.map(({ is, share }) => (
				<Box key={is} style={styles.thing}>
					<Words size="small" style={styles.is}>
						{is}
					</Words>
					<Box style={styles.room}>
						<Box style={[styles.size, { width: share }]} />
					</Box>
				</Box>
			))}
		</Frame>
	);
}

const useStyles = makeStyles((palette) => ({
	frame: { width: FROM_TO, minHeight: 76, justifyContent: 'center' },
	row: { flexDirection: 'row', alignItems: 'center', gap: GAP.xs },
	column: { gap: 3 },
	token: {
		paddingHorizontal: GAP.xs,
		borderWidth: 2,
		borderStyle: 'solid',
		borderColor: 'transparent',
		borderRadius: CORNER,
		textAlign: 'center',
	},
	plain: {},
	goes: { backgroundColor: palette.apricot, borderColor: palette.apricotEdge },
	waits: { borderStyle: 'dashed', borderColor: palette.edge },
	filled: { backgroundColor: palette.pineWash, borderColor: palette.pine },
	rung: { flexDirection: 'row', alignItems: 'center', gap: GAP.xs },
	rail: { flex: 1, height: BAR, backgroundColor: palette.edge },
	scale: { flex: 1, alignItems: 'center', gap: 2 },
	stem: {
		width: 12,
		height: 44,
		borderWidth: 2,
		borderColor: palette.edge,
		borderRadius: CORNER,
		justifyContent: 'flex-end',
		...({ overflow: 'hidden' } as object),
	},
	level: { height: '60%', backgroundColor: palette.pine },
	reading: { ...({ whiteSpace: 'nowrap' } as object), letterSpacing: -0.5 },
	wholes: { flexDirection: 'row', gap: 2, borderBottomWidth: BAR, borderBottomColor: palette.ink, paddingBottom: 2 },
	whole: { flex: 1, height: 14, backgroundColor: palette.pressed },
	share: { height: 14, backgroundColor: palette.pine },
	counts: { borderBottomWidth: BAR + 1, borderBottomColor: palette.pine },
	thing: { flexDirection: 'row', alignItems: 'center', gap: GAP.xs },
	is: { width: 46 },
	room: { flex: 1 },
	size: { height: 10, borderRadius: 2, backgroundColor: palette.pine },
}));
