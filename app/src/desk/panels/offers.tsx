import type { Factor } from '@tidy-sum/core';
import { type Offer, offersFor } from '@tidy-sum/core/help';
import { useState } from 'react';
import { Way, Ways } from '../../fact/ways';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box, Touch } from '../../ui/box';
import { Said } from '../../ui/said';
import { Words } from '../../ui/words';
import type { DeskView } from '../../work/desk-view';
import * as words from './words';

type OnPlace = (factor: Factor, to?: number, after?: Factor) => void;

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
				onTouch={() => (atOnce ? onPlace(atOnce.factor, undefined, atOnce.after) : onOpen())}
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
			{open && !atOnce ? (
				<Ways question={words.addOrSubtractIt}>
					{ways.map(({ factor, after, text: way, say: does }, i) => (
						<Way key={way} say={does} onTouch={() => onPlace(factor, undefined, after)} testID={`way-${i}`}>
							<Words size="title">{way}</Words>
						</Way>
					))}
				</Ways>
			) : null}
		</Box>
	);
}

type Props = { readonly view: DeskView; readonly unit: string; readonly onPlace: OnPlace };

/** The steps that are not factors and lead on from the line. */
export function Offers({ view, unit, onPlace }: Props) {
	const [open, setOpen] = useState<string | null>(null);
	const { exercise, chain, worked, support, numbers } = view;
	const fills = support === 'close' && numbers === 'worked';
	const offers = offersFor({ exercise, chain, worked, unit, fills });
	if (!offers.length) return null;
	return (
		<Box role="list" aria-label={words.stepsThatAreNotFactors}>
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
}));
