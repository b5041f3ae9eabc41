/**
 * Cases of the contract that what is built so far does not cover: file and line ("check 18"), each with its
 * reason. A case here that holds after all fails the test, so the list can only shrink. There are none.
 */
export const PENDING: ReadonlyMap<string, string> = new Map();
