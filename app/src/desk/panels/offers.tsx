import type { Factor } from '@tidy-sum/core';
import { type Offer, offersFor, type Way } from '@tidy-sum/core/help';
import { useState } from 'react';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box, Touch } from '../../ui/box';
import { IntoView } from '../../ui/into-view';
import { Said } from '../../ui/said';
import { Words } from '../../ui/words';
import type { DeskView } from '../../work/desk-view';

type OnPlace = (factor: Factor) => void;

/** The ways a step can be laid: which one, the student decides. */
function Ways({ ways, onPlace }: { readonly ways: readonly Way[]; readonly onPlace: OnPlace }) {
	const styles = useStyles();
	return (
		<IntoView style={styles.ways}>
			<Words size="small">Add it, or take it away?</Words>
			<Box style={styles.choices}>
				{ways.map(({ factor, text, say }, i) => (
					<Touch key={text} onTouch={() => onPlace(factor)} testID={`way-${i}`} style={styles.way}>
						<Words size="figure">{text}</Words>
						<Said>{say}</Said>
					</Touch>
				))}
			</Box>
		</IntoView>
	);
}

type ItemProps = {
	readonly offer: Offer;
	readonly open: boolean;
	readonly onOpen: () => void;
	readonly onPlace: OnPlace;
};

/** One step that is offered; with only one way to lay it, a touch lays it. */
function OfferItem({ offer: { key, text, say, about, ways }, open, onOpen, onPlace }: ItemProps) {
	const styles = useStyles();
	const [only, other] = ways;
	const atOnce = only && !other ? only : null;
	return (
		<Box role="listitem" style={styles.item}>
			<Touch
				{...(atOnce ? {} : { 'aria-expanded': open })}
				onTouch={() => (atOnce ? onPlace(atOnce.factor) : onOpen())}
				testID={`offer-${key}`}
				style={styles.offer}
			>
				<Words strong aria-hidden>
					{text}
				</Words>
				<Said>{say}</Said>
				<Words size="small" tone="soft">
					{about}
				</Words>
			</Touch>
			{open && !atOnce ? <Ways ways={ways} onPlace={onPlace} /> : null}
		</Box>
	);
}

type Props = { readonly view: DeskView; readonly unit: string; readonly onPlace: OnPlace };

/** The steps that are no factors and lead on from the line as it stands. */
export function Offers({ view, unit, onPlace }: Props) {
	const [open, setOpen] = useState<string | null>(null);
	const { exercise, chain, worked, support, numbers } = view;
	const fills = support === 'close' && numbers === 'worked';
	const offers = offersFor({ exercise, chain, worked, unit, fills });
	if (!offers.length) return null;
	return (
		<Box role="list" aria-label="Steps that are no factors">
			{offers.map((offer) => (
				<OfferItem
					key={offer.key}
					offer={offer}
					open={open === offer.key}
					onOpen={() => setOpen(open === offer.key ? null : offer.key)}
					onPlace={onPlace}
				/>
			))}
		</Box>
	);
}

const useStyles = makeStyles((palette) => ({
	item: { borderBottomWidth: 1, borderBottomColor: palette.rule },
	offer: { minHeight: 48, paddingVertical: GAP.s, justifyContent: 'center' },
	ways: { gap: GAP.s, paddingBottom: GAP.m },
	choices: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	way: {
		minWidth: 120,
		minHeight: 56,
		flexGrow: 1,
		maxWidth: 220,
		alignItems: 'center',
		justifyContent: 'center',
		padding: GAP.s,
		borderWidth: 2,
		borderColor: palette.pine,
		borderRadius: 8,
		backgroundColor: palette.page,
	},
}));
