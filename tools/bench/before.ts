/**
 * Figures as they were before pages were drawn ahead and the store was read by what is shown, by the name of their row: measured
 * on a machine with two processors.
 */
export const BEFORE: Readonly<Record<string, string>> = {
	'convert from text, 500 numbers and 40 pairs in turn, against the fastest library':
		'3.95 times (one number, one pair)',
	'a parsed chain of six with everything derived, in bare BigInt products': '53.0 times',
	'a route between any two units, 99th percentile': '2.15 ms',
	'naming, 99th percentile': '5.70 ms',
	'a right answer with a key line, judged': '33.6 µs',
	'script of the core, gzipped': '59.1 KB',
	'an exercise, painted with its own text': '5100 ms',
	'an exercise, its first touch answered': 'over 5100 ms',
	'an exercise, what moves as it opens': '0.14',
	'an exercise, scripts before the first touch, gzipped': '525 KB',
	'Today, scripts before the first touch, gzipped': '525 KB',
	'opening with 5 000 pieces, in openings with ten': '2.86 times (3 000 pieces)',
	'a factor added to a line of up to 8, 95th percentile': '56 ms',
	'a factor added to a line of up to 4, 95th percentile': '48 ms',
};
