import type { StepField } from '../chain/steps/step-kind';
import { asideOffers } from './aside-offers';
import type { Offer, OfferAt, Offers } from './offer';
import { shiftOffers } from './shift-offers';
import { termOffers } from './term-offers';

/** What each kind of step offers; a row a kind. */
const OFFERS: { readonly [F in StepField]: Offers } = { aside: asideOffers, term: termOffers, shift: shiftOffers };

/**
 * The steps that are no factors and can be laid on a line as it stands, where a unit is touched: a whole set aside, a
 * division with remainder, a part to add, the distance between two zeros.
 */
export function offersFor(at: OfferAt): readonly Offer[] {
	return Object.values(OFFERS).flatMap((offers) => offers(at));
}
