/** Something is missing that the set-up may not bring by itself; the message says what to do about it. */
export class SetupFault extends Error {}
