import type { RoundState } from '@tidy-sum/core/practice';
import type { SocketState } from '../ui/sockets';
import { type HowFar, isRight } from './how-far';

/** The socket that stands for a problem: to come, half full once it is begun, full when it is right, with the eye of the check when it is not. */
export function socketOf(state: HowFar): SocketState {
	if (isRight(state)) return 'filled';
	if (state === 'not-begun') return 'to-come';
	return state === 'begun' ? 'begun' : 'look';
}

/** The socket of each way an exercise of a Round can be. */
export const SOCKET_IN_ROUND: Readonly<Record<RoundState, SocketState>> = {
	right: 'filled',
	'not-yet': 'look',
	'not-tried': 'to-come',
};
