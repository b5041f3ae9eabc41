import { convert, printQuantity, printUnrounded, printWritten, type Quantity, workChain } from '@tidy-sum/core';
import { sayLine } from '@tidy-sum/core/help';
import { SCALES, type Scale, scaleLine, stepNumber, temperatures } from '@tidy-sum/core/shelf';
import { WorkedLine } from '../../line/worked-line';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Button } from '../../ui/button';
import { Choices } from '../../ui/choices';
import { Field } from '../../ui/field';
import { useRoom } from '../../ui/use-room';
import { Words } from '../../ui/words';
import type { PartProps } from '../part-props';
import { Send } from '../send';
import { ShelfPage } from '../shelf-page';
import { Stepper } from '../stepper';
import { useFields, useLastGood } from '../use-fields';
import { celsiusOf, type Reading, readings, ScalePicture, VIEWS } from './scale-picture';
import * as words from './words';

const EXAMPLE = { number: '-18', unit: '°C', until: '', range: '', view: '' };

/** What one scale makes of the temperature: the steps in print and in words, and where it comes to. */
function Steps({ start, to }: { readonly start: Quantity; readonly to: Scale }) {
	const styles = useStyles();
	const line = scaleLine(start, to);
	const worked = line.ok ? workChain(line.value) : line;
	if (!line.ok || !worked.ok) return null;
	const chain = line.value;
	const reported = convert(start, to);
	const kinds = chain.factors.map(({ shift, top, bottom }) =>
		shift === undefined
			? words.multiply
			: top.number === '1' && bottom.number === '1'
				? words.addOrSubtract
				: words.multiplyThenAdd,
	);
	return (
		<Box style={styles.steps} role="group" aria-label={words.to(to)} testID={`steps-${to}`}>
			<Words strong size="title" role="heading" aria-level={2}>
				{words.toOfTo(to, kinds.join(', then '))}
			</Words>
			<WorkedLine chain={chain} />
			{sayLine(worked.value)
				.slice(1)
				.map((said) => (
					<Words key={said} size="small">
						{said}
					</Words>
				))}
			{reported.ok ? (
				<Words testID={`comes-${to}`}>
					{words.roundedToTheLastPlaceOf(
						printQuantity(start),
						printWritten(reported.value.plain ?? reported.value.text),
						to,
					)}
				</Words>
			) : null}
			<Send
				send={{ start, want: to, blocks: chain.factors }}
				blocks={words.thisStepOrThese(chain.factors.length)}
				start={words.toOfStart(printQuantity(start), to)}
				name={to}
			/>
		</Box>
	);
}

/** How far two temperatures are apart: a difference scales and does not shift. */
function Difference({ low, high }: { readonly low: Quantity; readonly high: Quantity }) {
	const styles = useStyles();
	const apart = (scale: Scale) => {
		const [a, b] = [convert(low, scale, { exact: true }), convert(high, scale, { exact: true })];
		return a.ok && b.ok ? printUnrounded(a.value.value.sub(b.value.value).abs(), 8) : '';
	};
	return (
		<Box style={styles.steps} testID="difference">
			<Words strong size="title" role="heading" aria-level={2}>
				{words.theDifference}
			</Words>
			<Words testID="difference-says">{words.kCFForADifferenceYouOnly(apart('K'), apart('°C'), apart('°F'))}</Words>
		</Box>
	);
}

/** Where a range first ends: ten degrees up. */
function endFrom(number: string): string {
	const made = stepNumber(number, '10', 1);
	return made.ok ? made.value : '10';
}

function reading({ number, unit }: Quantity, name: string): Reading {
	const on = readings({ number, unit });
	return {
		celsius: celsiusOf({ number, unit }) ?? 0,
		label: printQuantity({ number, unit }),
		says: `${name}: ${SCALES.map((scale) => `${on[scale]} ${scale}`).join(', ')}`,
	};
}

const PICTURE_WIDTH = 356;

/** Temperature: the three scales as one picture, worked by hand, with the shift and the scaling as steps. */
export function TemperatureScreen({ title, link }: PartProps<typeof EXAMPLE>) {
	const styles = useStyles();
	const { width } = useRoom();
	const { fields, set, address } = useFields('temperature', link, EXAMPLE);
	const { number, until } = fields;
	const unit = (SCALES as readonly string[]).includes(fields.unit) ? (fields.unit as Scale) : '°C';
	// A link may bring the end alone.
	const ranged = fields.range !== '' || (until !== '' && link.until === until);
	const { value: seen, fault } = useLastGood(temperatures(number, unit, ranged ? until.trim() : ''));
	const low = seen?.low ?? { number: '0', unit };
	const high = seen?.high ?? null;
	const celsius = celsiusOf(low) ?? 0;
	const near = fields.view === '' ? celsius >= VIEWS.near.from && celsius <= VIEWS.near.to : fields.view === 'near';
	const on = readings(low);
	const highOn = high && readings(high);
	const type = (scale: Scale) => (text: string) => {
		// Typing on another scale makes that the one it is given on; the end of a range comes along.
		set({ number: text, unit: scale, ...(highOn && scale !== unit ? { until: highOn[scale].replace('−', '-') } : {}) });
	};
	const ofLow = fault?.in?.startsWith('low');
	return (
		<ShelfPage
			title={title}
			part="temperature"
			address={address}
			beside={
				<>
					{SCALES.filter((scale) => scale !== low.unit).map((scale) => (
						<Steps key={scale} start={low} to={scale} />
					))}
					{high ? <Difference low={low} high={high} /> : null}
				</>
			}
		>
			<Box style={styles.fields}>
				{SCALES.map((scale) => (
					<Box key={scale} style={styles.field}>
						<Field
							label={scale}
							named
							value={scale === unit ? number : on[scale]}
							onChange={type(scale)}
							fault={scale === unit && ofLow ? fault : null}
							testID={`type-${scale}`}
						/>
					</Box>
				))}
			</Box>
			<Stepper number={number} first="1" onStep={(next) => set({ number: next })} />
			<ScalePicture
				view={near ? VIEWS.near : VIEWS.whole}
				width={Math.min(PICTURE_WIDTH, width - 2 * GAP.l)}
				scale={unit}
				low={reading(low, words.theTemperatureLabel)}
				high={high && reading(high, words.theEndOfTheRangeLabel)}
				onLow={(degrees) => set({ number: `${degrees}` })}
				onHigh={(degrees) => set({ until: `${degrees}` })}
			/>
			<Choices
				label={words.theScalesFrom}
				choices={[
					{ value: 'near', label: words.toC },
					{ value: 'whole', label: words.absoluteZeroUp },
				]}
				chosen={near ? 'near' : 'whole'}
				onChoose={(view) => set({ view })}
				testID="view"
			/>
			<Box style={styles.row}>
				<Button
					label={words.aRange}
					say={words.withASecondTemperature}
					on={ranged}
					onPress={() => set(ranged ? { range: '', until: '' } : { range: '1', until: endFrom(low.number) })}
					testID="range"
				/>
			</Box>
			{ranged ? (
				<Field
					label={words.toIn(unit)}
					named
					value={until}
					onChange={(text) => set({ until: text })}
					fault={fault && !ofLow ? fault : null}
					reads={highOn ? SCALES.map((scale) => `${highOn[scale]} ${scale}`).join(' = ') : ''}
					testID="type-until"
				/>
			) : null}
		</ShelfPage>
	);
}

const useStyles = makeStyles(() => ({
	fields: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	field: { flexGrow: 1, flexBasis: 96 },
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	steps: { gap: GAP.s, paddingBottom: GAP.m },
}));
