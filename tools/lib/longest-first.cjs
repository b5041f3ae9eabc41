const { default: Sequencer } = require('@jest/test-sequencer');

/** Files of journeys that take the longest, the longest first: begun last, one of them would run on alone at the end. */
const LONGEST = ['sight-wide', 'sight', 'steps', 'bring', 'phone', 'sizes', 'desks', 'shelf', 'slips', 'rounds'];

/** Runs the longest files first. Jest knows their times only where it has run before; a fresh machine goes by the size of files. */
module.exports = class LongestFirst extends Sequencer {
	sort(tests) {
		const place = ({ path }) => {
			const at = LONGEST.findIndex((name) => path.endsWith(`/e2e/${name}.test.ts`));
			return at < 0 ? LONGEST.length : at;
		};
		return super.sort(tests).sort((a, b) => place(a) - place(b));
	}
};
