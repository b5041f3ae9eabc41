import type { StepField } from '../chain/steps/step-kind';
import { asideOffers } from './aside-offers';
import type { Offer, OfferAt, Offers } from './offer';
import { shiftOffers } from './shift-offers';
import { termOffers } from './term-offers';
import { timesOffers } from './times-offers';

/** What each kind of step offers; a row a kind. */
const OFFERS: { readonly [F in StepField]: Offers } = { aside: asideOffers, term: termOffers, shift: shiftOffers };

/**
 * The steps beside the facts that can be laid on a line as it stands, where a unit is touched: a quantity to multiply by,
 * a whole set aside, a division with remainder, a part to add, the distance between two zeros.
 */
export function offersFor(at: OfferAt): readonly Offer[] {
	return [timesOffers, ...Object.values(OFFERS)].flatMap((offers) => offers(at));
}
