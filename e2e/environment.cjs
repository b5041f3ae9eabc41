const { TestEnvironment } = require('jest-environment-node');

/** Node, and a word to the file's own set-up (e2e/src/set-up.ts) at the moment a journey fails: the page is still open then. */
module.exports = class JourneyEnvironment extends TestEnvironment {
	async handleTestEvent(event) {
		if (event.name !== 'test_fn_failure' && event.name !== 'hook_failure') return;
		const names = [];
		for (let at = event.test ?? event.hook?.parent; at && at.name !== 'ROOT_DESCRIBE_BLOCK'; at = at.parent)
			names.unshift(at.name);
		await this.global.onJourneyFailure?.(names.join(' '), `${event.error?.message ?? event.error}`);
	}
};
