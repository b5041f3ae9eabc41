import type { SocketState } from '../ui/sockets';
import { type HowFar, isRight } from './how-far';

/** The socket that stands for a problem: to come, half full once it is begun, full when it is right, with the eye of the check when it is not. */
export function socketOf(state: HowFar): SocketState {
	if (isRight(state)) return 'filled';
	if (state === 'not-begun') return 'to-come';
	return state === 'begun' ? 'begun' : 'look';
}
