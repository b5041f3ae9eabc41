import { useRouter } from 'expo-router';
import { memo, useState } from 'react';
import { useAppDispatch, useAppSelector } from '../store/store';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Field } from '../ui/field';
import { Words } from '../ui/words';
import { BROUGHT, broughtIn, pathOf, titleNamed } from '../work/brought';
import { howFarNamed, SAYS_HOW_FAR } from '../work/how-far';
import { isSheet, problemName, sheetOf } from '../work/sheet';
import { did, undid, type WorksState } from '../work/works-slice';
import { Listed } from './listed';

/** From how many on a list can be searched. */
const SEARCHED_FROM = 6;

/** How far a sheet or a problem is, in words. */
export function sayHowFar(works: WorksState, name: string): string {
	if (!isSheet(name)) return SAYS_HOW_FAR[howFarNamed(works, name)];
	const { problems } = sheetOf(works.byId[works.open[name] ?? '']?.body);
	const right = problems.filter(({ id }) => howFarNamed(works, problemName(name, id)).startsWith('right')).length;
	return `${problems.length} problems, ${right} right`;
}

/** The sheets and problems that were brought: searched, named, put in order, taken out and brought back. */
export const BroughtList = memo(function BroughtList() {
	const styles = useStyles();
	const router = useRouter();
	const dispatch = useAppDispatch();
	const works = useAppSelector((state) => state.works);
	const [search, setSearch] = useState('');
	const [removed, setRemoved] = useState('');
	const names = broughtIn(works);
	const items = names.map((name, at) => ({ name, at, title: titleNamed(works, name) }));
	const words = search.trim().toLowerCase();
	const found = items.filter(({ name, title }) => {
		const text = isSheet(name)
			? sheetOf(works.byId[works.open[name] ?? '']?.body)
					.problems.map((one) => one.text)
					.join(' ')
			: '';
		return `${title} ${text}`.toLowerCase().includes(words);
	});
	/** The list is put in order as it stands, so that each has its place in it. */
	const move = (name: string, to: number) => {
		const steps = [...names].reverse().map((what) => ({ do: 'bring' as const, what }));
		dispatch(did(BROUGHT, { do: 'together', steps: [...steps.slice(0, 199), { do: 'arrange', what: name, to }] }));
	};
	const remove = (name: string, title: string) => {
		dispatch(did(BROUGHT, { do: 'leave', what: name }));
		setRemoved(title);
	};
	if (!names.length && !removed) return null;
	return (
		<Box style={styles.part}>
			<Words strong size="title" role="heading" aria-level={2}>
				What you brought
			</Words>
			{names.length >= SEARCHED_FROM ? (
				<Field label="Search in it" named value={search} onChange={setSearch} testID="brought-search" />
			) : null}
			{removed ? (
				<Box style={styles.row} role="status" aria-live="polite">
					<Words>“{removed}” is removed.</Words>
					<Button
						label="Bring it back"
						onPress={() => {
							dispatch(undid(BROUGHT));
							setRemoved('');
						}}
						testID="brought-back"
					/>
				</Box>
			) : null}
			<Box role="list" testID="brought">
				{found.map(({ name, at, title }) => (
					<Listed
						key={name}
						title={title}
						onOpen={() => router.navigate(pathOf(name) as '/')}
						onRename={(next) => dispatch(did(name, { do: 'entitle', title: next.slice(0, 120) }))}
						onUp={at > 0 && words === '' ? () => move(name, at - 1) : undefined}
						onDown={at < names.length - 1 && words === '' ? () => move(name, at + 1) : undefined}
						onRemove={() => remove(name, title)}
						testID={`brought-${at + 1}`}
					>
						<Words strong>{title}</Words>
						<Words size="small" tone="soft">
							{sayHowFar(works, name)}
						</Words>
					</Listed>
				))}
			</Box>
			{words !== '' && !found.length ? <Words>Nothing of what you brought has these words.</Words> : null}
		</Box>
	);
});

const useStyles = makeStyles(() => ({
	part: { gap: GAP.s },
	row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: GAP.m },
}));
