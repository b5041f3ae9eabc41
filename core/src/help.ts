// What helps beside the line, and is not needed for its first touches: it comes with the panels that show it.
export * from './chain/calculate';
export * from './chain/compare-lines';
export * from './chain/keys';
export * from './chain/readings';
export * from './chain/taken-on';
export * from './fact/find-facts';
export * from './mixed/division-of-step';
export * from './nudge/nudge';
export * from './nudge/said-of-step';
export * from './nudge/say-carry';
export * from './numeral/forms';
export * from './numeral/mixed-number-text';
export type { Offer, Way } from './offer/offer';
export { offersFor } from './offer/offers';
export * from './read/read-starting';
export * from './read/read-typed';
export * from './say/print-line';
export * from './say/say-line';
