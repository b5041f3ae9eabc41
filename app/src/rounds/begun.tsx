import { shownCode } from '@tidy-sum/core';
import { type BegunRound, roundStates, skillNamed } from '@tidy-sum/core/practice';
import { Box } from '../ui/box';
import { LinkRow } from '../ui/link-row';
import { Sockets } from '../ui/sockets';
import { SOCKET_IN_ROUND } from '../work/socket-of';
import * as words from './words';

/** How many Rounds begun before are listed. */
const LISTED = 6;

/** The Rounds begun before, the latest first, each with how far it is. */
export function Begun({
	begun,
	onOpen,
}: {
	readonly begun: readonly BegunRound[];
	readonly onOpen: (code: string) => void;
}) {
	return (
		<Box role="list">
			{begun.slice(0, LISTED).map(({ code, plan, tries }) => {
				const states = roundStates({ plan, tries });
				const says = words.ofDone(states.filter((state) => state === 'right').length, plan.count);
				return (
					<LinkRow
						key={code}
						title={shownCode(code)}
						says={plan.skills.map((skill) => skillNamed(skill)?.title ?? skill).join(', ')}
						onOpen={() => onOpen(code)}
						testID={`begun-${code}`}
					>
						<Sockets states={states.map((state) => SOCKET_IN_ROUND[state])} says={says} />
					</LinkRow>
				);
			})}
		</Box>
	);
}
