/** Fields whose maps of powers are compared whole: no key more, no key less. */
const WHOLE = new Set(['standing', 'dimension', 'top', 'bottom']);

function isObject(value: unknown): value is Record<string, unknown> {
	return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** Whether a reply has what a case expects: objects by their named fields, arrays element by element. */
export function holds(expected: unknown, actual: unknown, whole = false): boolean {
	if (Array.isArray(expected))
		return (
			Array.isArray(actual) &&
			actual.length === expected.length &&
			expected.every((each, i) => holds(each, actual[i], whole))
		);
	if (!isObject(expected)) return expected === actual;
	if (!isObject(actual)) return false;
	if (whole && Object.keys(actual).length !== Object.keys(expected).length) return false;
	return Object.entries(expected).every(
		([key, value]) =>
			Object.hasOwn(actual, key) && holds(value, actual[key], whole || (WHOLE.has(key) && isPowers(value))),
	);
}

/** A quantity may be called top or bottom too; only maps of powers are compared whole. */
function isPowers(value: unknown): boolean {
	return isObject(value) && Object.values(value).every((each) => typeof each === 'number' || isPowers(each));
}
