import { placeInRound, roundTitle } from '@tidy-sum/core';
import { idSchema, type StoredWork } from '@tidy-sum/schema';
import { keySchema, type Shown } from '@tidy-sum/schema/desk';
import { useRouter } from 'expo-router';
import { __iconData as Back } from 'lucide-react-native/icons/arrow-left';
import { useEffect, useState } from 'react';
import { Provider } from 'react-redux';
import { set } from '../device/settings-slice';
import { Coming } from '../places/not-here';
import { PlaceLinks } from '../places/place-links';
import { sayFailed } from '../store/desk-acts';
import { type AppStore, makeStore, useAppSelector, useAppStore } from '../store/store';
import { useRound } from '../store/use-round';
import { lookAt } from '../sync/desk-on-server';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { LinkRow } from '../ui/link-row';
import { Page } from '../ui/page';
import { Words } from '../ui/words';
import { howFarNamed, SAYS_HOW_FAR } from '../work/how-far';
import { titleOfWork } from '../work/title-of-work';
import { loaded } from '../work/works-reducer';
import { ReplayScreen } from './replay-screen';
import * as words from './words';

/** What a link to look at shows, in a store of its own, so that nothing of it mixes with one's own work. */
type Seen = { readonly store: AppStore; readonly shows: Shown; readonly first: string | null };

function seenOf(shows: Shown, works: readonly StoredWork[], mine: AppStore): Seen {
	const store = makeStore();
	store.dispatch(set(mine.getState().settings));
	const byId = Object.fromEntries(
		works.map(({ id, version, body }) => [id, { id, version, body, ahead: false }] as const),
	);
	// Of several lines on one exercise the one kept last comes first.
	const open = Object.fromEntries([...works].reverse().map(({ id, body }) => [body.exercise, id]));
	store.dispatch(loaded({ byId, open, last: null }));
	return { store, shows, first: works[0]?.body.exercise ?? null };
}

/** What stands behind the # of the address, also when another link is opened in the same tab. */
function useHash(): string {
	const [hash, setHash] = useState(globalThis.location?.hash ?? '');
	useEffect(() => {
		const changed = () => setHash(globalThis.location.hash);
		globalThis.addEventListener?.('hashchange', changed);
		return () => globalThis.removeEventListener?.('hashchange', changed);
	}, []);
	return hash;
}

/** The id and the secret behind the # of a link; the server is never sent what stands there. */
function linkIn(hash: string): readonly [string, string] | null {
	const [id = '', secret = ''] = hash.slice(1).split('.');
	return idSchema.safeParse(id).success && keySchema.safeParse(secret).success ? [id, secret] : null;
}

/** The exercises of a Round that is shown. */
function RoundSeen({ code, onLook }: { readonly code: string; readonly onLook: (name: string) => void }) {
	const works = useAppSelector((state) => state.works);
	// How far each is follows from its exercise, which is there once the Round is made.
	useRound(code);
	const names = Object.keys(works.open).sort();
	return (
		<Page title={roundTitle(code)} testID="look-round" bar={<PlaceLinks here={null} />}>
			<Words>{words.someoneSharedThisRoundWith}</Words>
			<Box role="list">
				{names.map((name, i) => (
					<LinkRow
						key={name}
						title={words.exercise((placeInRound(name)?.place ?? i) + 1)}
						says={SAYS_HOW_FAR[howFarNamed(works, name)]}
						onOpen={() => onLook(name)}
						testID={`look-at-${i + 1}`}
					/>
				))}
			</Box>
			{names.length ? null : <Words tone="soft">{words.itHasNotBeenStartedYet}</Words>}
		</Page>
	);
}

function SeenPage({ shows, first }: Seen) {
	const router = useRouter();
	const isRound = shows.is === 'round';
	const [name, setName] = useState(isRound ? null : first);
	const title = useAppSelector(({ works }) => (name ? titleOfWork(works, name) : ''));
	if (name)
		return (
			<ReplayScreen
				name={name}
				shown={
					<Button
						label={words.back}
						say={isRound ? words.toTheRound : words.toYourOwnWork}
						kind="tool"
						icon={Back}
						onPress={() => (isRound ? setName(null) : router.navigate('/'))}
						testID="look-out"
					/>
				}
				seenAs={words.someoneSharedThisLineWith(title)}
			/>
		);
	return shows.is === 'round' ? <RoundSeen code={shows.code} onLook={setName} /> : <Gone why={GONE} />;
}

const GONE = words.thereIsNothingToSeeHereThe;

function Gone({ why }: { readonly why: string }) {
	return (
		<Page title={words.nothingToSee} testID="look-gone" bar={<PlaceLinks here={null} />}>
			<Words role="status" aria-live="polite" testID="look-why">
				{why}
			</Words>
			<Words>{words.askThePersonWhoSentItForA}</Words>
		</Page>
	);
}

/** What a link to look at shows: a line with its Replay, or those of a Round. It is read only. */
export function LookScreen() {
	const mine = useAppStore();
	const hash = useHash();
	const [seen, setSeen] = useState<Seen | string | null>(null);
	useEffect(() => {
		let gone = false;
		const link = linkIn(hash);
		if (!link) return setSeen(GONE);
		setSeen(null);
		void lookAt(...link).then((answer) => {
			if (gone) return;
			if (answer.came === 'here') setSeen(seenOf(answer.value.shows, answer.value.works, mine));
			else setSeen(sayFailed(answer));
		});
		return () => {
			gone = true;
		};
	}, [mine, hash]);
	if (seen === null) return <Coming says={words.loading} />;
	if (typeof seen === 'string') return <Gone why={seen} />;
	return (
		<Provider store={seen.store}>
			<SeenPage {...seen} />
		</Provider>
	);
}
