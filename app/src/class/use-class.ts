import { z } from '@tidy-sum/schema';
import type { ClassTry, ClassView } from '@tidy-sum/schema/class';
import type { Handed } from '@tidy-sum/schema/handed';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { noteClass, noteOfClass } from '../device/class-notes';
import { useAppSelector } from '../store/store';
import { type TaughtOnServer, taughtOnServer } from '../sync/class-on-server';
import { CLOCK } from '../sync/clock';
import { keepListening } from '../sync/listener';
import type { Taught } from '../work/my-classes';

const namesSchema = z.record(z.string(), z.string());

/** A class as far as this device knows it. */
export type ClassHere = {
	readonly server: TaughtOnServer;
	/** Null until the server has answered once. */
	readonly view: ClassView | null;
	readonly tries: readonly ClassTry[];
	readonly isAway: boolean;
	readonly isErased: boolean;
	/** Asks for the class again, as after something was changed. */
	readonly askAgain: () => Promise<void>;
};

/** The newest of each try: one whose slips were named later comes twice. */
function withNewer(before: readonly ClassTry[], came: readonly ClassTry[]): readonly ClassTry[] {
	const signOf = ({ seat, handed, problem, try: { when } }: ClassTry) => `${seat} ${handed} ${problem} ${when}`;
	return [...new Map([...before, ...came].map((one) => [signOf(one), one])).values()];
}

/** A class that is taught here, kept up to date while it is on the screen. */
export function useClass({ id, key }: Taught): ClassHere {
	const server = useMemo(() => taughtOnServer(id, key), [id, key]);
	const [view, setView] = useState<ClassView | null>(null);
	const [tries, setTries] = useState<readonly ClassTry[]>([]);
	const [isAway, setAway] = useState(false);
	const [isErased, setErased] = useState(false);

	const askAgain = useCallback(async () => {
		const answer = await server.view();
		setAway(answer.came === 'away');
		if (answer.came === 'erased' || answer.came === 'shut') setErased(true);
		if (answer.came === 'here') setView(answer.value);
	}, [server]);

	useEffect(() => {
		const stop = new AbortController();
		let after = 0;
		let isReading = false;
		let isMore = false;
		const read = async (): Promise<void> => {
			isMore = true;
			if (isReading) return;
			isReading = true;
			while (isMore && !stop.signal.aborted) {
				isMore = false;
				const answer = await server.tries(after);
				if (answer.came !== 'here') break;
				const page = answer.value;
				after = page.seq;
				isMore ||= page.more;
				if (page.tries.length) setTries((before) => withNewer(before, page.tries));
			}
			isReading = false;
		};
		const look = () => {
			void askAgain();
			void read();
		};
		look();
		keepListening({
			server,
			clock: CLOCK,
			stop: stop.signal,
			onHeard: (heard) => {
				if ('closed' in heard) setErased(true);
				else look();
			},
			onMissed: look,
			onSeen: look,
		});
		return () => stop.abort();
	}, [server, askAgain]);

	return { server, view, tries, isAway, isErased, askAgain };
}

/** The exercises of a set that was handed out; empty until they are read. */
export function useProblems(server: TaughtOnServer, handed: string | undefined): Handed['problems'] {
	const [read, setRead] = useState<{ readonly of: string; readonly problems: Handed['problems'] } | null>(null);
	useEffect(() => {
		if (handed === undefined) return;
		void server.set(handed).then((answer) => {
			if (answer.came === 'here') setRead({ of: handed, problems: answer.value.problems });
		});
	}, [server, handed]);
	return read && read.of === handed ? read.problems : [];
}

/** The longest name. */
const NAME_LIMIT = 60;

/** The names a teacher wrote beside the seats of a class, on this device alone; and what writes one. */
export function useSeatNames(
	id: string,
): readonly [Readonly<Record<string, string>>, (seat: string, name: string) => void] {
	const desk = useAppSelector(({ sync }) => sync.desk) ?? '';
	const [names, setNames] = useState(() => namesSchema.safeParse(noteOfClass(desk, id, 'names')).data ?? {});
	const write = (seat: string, name: string) => {
		const next = { ...names, [seat]: name.slice(0, NAME_LIMIT) };
		setNames(next);
		noteClass(desk, id, 'names', next);
	};
	return [names, write];
}
