import { codeSchema } from '@tidy-sum/schema/desk';
import { useRouter } from 'expo-router';
import { __iconData as Back } from 'lucide-react-native/icons/arrow-left';
import { useEffect, useMemo, useState } from 'react';
import { sayFailed } from '../store/desk-acts';
import { useAppDispatch, useAppSelector } from '../store/store';
import { takeSeat, taughtOnServer } from '../sync/class-on-server';
import { hashOf } from '../sync/key-hash';
import { newId, newKey } from '../sync/keys';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Field } from '../ui/field';
import { LinkRow } from '../ui/link-row';
import { Notice } from '../ui/notice';
import { Page } from '../ui/page';
import { Part } from '../ui/part';
import { Words } from '../ui/words';
import { CLASSES } from '../work/list-names';
import { myClasses, type Taught } from '../work/my-classes';
import { did } from '../work/works-reducer';
import * as words from './words';

/** The code behind the # of the address, taken out of it so that it stays in no history. */
function codeInAddress(): string {
	const { hash = '', pathname = '' } = globalThis.location ?? {};
	const code = /^#join=(.+)$/.exec(hash)?.[1];
	if (code === undefined) return '';
	globalThis.history?.replaceState(globalThis.history.state, '', pathname);
	return decodeURIComponent(code);
}

/** Joining a class with its code. */
function JoinPart() {
	const styles = useStyles();
	const router = useRouter();
	const dispatch = useAppDispatch();
	const [code, setCode] = useState('');
	const [why, setWhy] = useState('');
	useEffect(() => setCode((typed) => codeInAddress() || typed), []);
	const join = async () => {
		const read = codeSchema.safeParse(code);
		if (!read.success) return setWhy(words.aCodeHasEightSigns);
		setWhy(words.joining);
		const key = newKey();
		const answer = await takeSeat(read.data, hashOf(key));
		if (answer.came !== 'here') return setWhy(sayFailed(answer));
		const { class: id, title, says } = answer.value;
		dispatch(did(CLASSES, { do: 'sit', class: id, key, title, says }));
		router.navigate(`/class/${id}` as '/');
	};
	return (
		<Part title={words.joinAClass}>
			<Field
				label={words.classCode}
				named
				value={code}
				onChange={setCode}
				onSubmit={() => void join()}
				placeholder={words.codeLooksLike}
				testID="class-code"
			/>
			<Words size="small" tone="soft">
				{words.whatYourClassSees}
			</Words>
			<Notice testID="class-join-says">{why}</Notice>
			<Box style={styles.row}>
				<Button label={words.join} kind="strong" onPress={() => void join()} testID="class-join" />
			</Box>
		</Part>
	);
}

/** Making a class to teach. */
function TeachPart({ teaches }: { readonly teaches: readonly Taught[] }) {
	const styles = useStyles();
	const router = useRouter();
	const dispatch = useAppDispatch();
	const [title, setTitle] = useState('');
	const [why, setWhy] = useState('');
	const make = async () => {
		const called = title.trim();
		if (!called) return setWhy(words.giveTheClassAName);
		setWhy(words.joining);
		const [id, key] = [newId(), newKey()];
		const server = taughtOnServer(id, key);
		const answer = await server.make(called);
		if (answer.came !== 'here') return setWhy(sayFailed(answer));
		dispatch(did(CLASSES, { do: 'teach', class: id, key, title: called }));
		await server.door(true);
		router.navigate(`/class/${id}` as '/');
	};
	return (
		<Part title={words.teachAClass}>
			{teaches.length ? (
				<Box role="list" aria-label={words.classesYouTeach} testID="taught">
					{teaches.map(({ id, title: called }) => (
						<LinkRow
							key={id}
							title={called}
							says={words.openTheClass}
							onOpen={() => router.navigate(`/class/${id}` as '/')}
							testID={`class-${id}`}
						/>
					))}
				</Box>
			) : null}
			<Field
				label={words.nameOfTheClass}
				named
				value={title}
				onChange={setTitle}
				onSubmit={() => void make()}
				placeholder={words.classNameLooksLike}
				testID="class-title"
			/>
			<Notice testID="class-make-says">{why}</Notice>
			<Box style={styles.row}>
				<Button label={words.makeAClass} onPress={() => void make()} testID="class-make" />
			</Box>
		</Part>
	);
}

/** The classes of this desk: seats it has, classes it teaches, and the way to more of either. */
export function ClassesScreen() {
	const router = useRouter();
	const works = useAppSelector((state) => state.works);
	const { teaches, seats } = useMemo(() => myClasses(works), [works]);
	return (
		<Page
			title={words.classes}
			says={words.aSeatInAClassOrOneYouTeach}
			testID="classes"
			full
			beside={<TeachPart teaches={teaches} />}
			tools={<Button label={words.today} icon={Back} onPress={() => router.navigate('/')} testID="to-today" />}
		>
			{seats.length ? (
				<Part title={words.yourSeats}>
					<Box role="list" testID="seats">
						{seats.map(({ id, title, says }) => (
							<LinkRow
								key={id}
								title={title}
								says={words.youAre(says)}
								onOpen={() => router.navigate(`/class/${id}` as '/')}
								testID={`seat-${id}`}
							/>
						))}
					</Box>
				</Part>
			) : null}
			<JoinPart />
		</Page>
	);
}

const useStyles = makeStyles(() => ({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s } }));
