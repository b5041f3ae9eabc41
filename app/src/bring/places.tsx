import type { Role } from '@tidy-sum/core';
import { readFactText } from '@tidy-sum/core/help';
import type { SingleStep } from '@tidy-sum/schema';
import { useState } from 'react';
import { Exactness } from '../problem/exactness';
import { CORNER, GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Field } from '../ui/field';
import { Words } from '../ui/words';
import type { Work } from '../work/work';
import { factsOf, SAYS_PLACE, stepsFor, type Token } from './tokens';
import * as words from './words';

type Props = {
	readonly work: Work;
	readonly tokens: readonly Token[];
	/** The token that is open, and a way to open another; null for none. */
	readonly chosen: Token | null;
	readonly onChoose: (token: Token | null) => void;
	readonly onDo: (...steps: readonly SingleStep[]) => void;
};

const ROLES: readonly { readonly role: Role; readonly label: string }[] = [
	{ role: 'start', label: words.startFromIt },
	{ role: 'fact', label: words.itIsPartOfAFact },
	{ role: 'spare', label: words.notNeeded },
];

const DIGIT = /\d/u;

/** A token in print: a short one does not break, a very long one is cut. */
export function shownToken({ text }: Token): string {
	const words = text.trim();
	if (words.length > 24) return words.length > 40 ? `${words.slice(0, 40)}…` : words;
	return words.replace(/\s+/g, '\u00a0');
}

/** The other half of the fact a token is in: another quantity of the text, or what is typed. */
function OtherHalf({
	token,
	tokens,
	onFact,
}: {
	readonly token: Token;
	readonly tokens: readonly Token[];
	readonly onFact: (text: string) => void;
}) {
	const styles = useStyles();
	const [typed, setTyped] = useState('');
	const text = `${token.text} = ${typed}`;
	const read = typed.trim() === '' ? null : readFactText(text);
	const others = tokens.filter((one) => one !== token && DIGIT.test(one.text) && one.place !== 'rounding');
	return (
		<Box style={styles.part} role="group" aria-label={words.whatGoesWith(token.text)}>
			<Words>{words.whichTwoBelongTogether}</Words>
			<Box style={styles.row}>
				{others.map((one) => (
					<Button
						key={one.at[0]}
						label={`= ${shownToken(one)}`}
						onPress={() => onFact(`${token.text} = ${one.text}`)}
						testID={`with-${one.at[0]}`}
					/>
				))}
			</Box>
			<Field
				label={`${token.text} =`}
				named
				value={typed}
				onChange={setTyped}
				onSubmit={() => read?.ok && onFact(text)}
				placeholder={words.crate}
				fault={read && !read.ok ? { code: read.fault.code, message: read.fault.message } : null}
				testID="other-half"
			/>
			<Box style={styles.row}>
				<Button label={words.addTheFact} disabled={!read?.ok} onPress={() => onFact(text)} testID="half-add" />
			</Box>
		</Box>
	);
}

/** What a token is there for, to be changed. */
export function Chooser({ work, tokens, chosen, onChoose, onDo }: Props & { readonly chosen: Token }) {
	const styles = useStyles();
	const [pairing, setPairing] = useState(false);
	const give = (role: Role | 'wanted') => {
		onDo(...stepsFor(chosen, role, work));
		const needsHalf = role === 'fact' && !factsOf(chosen, work).length;
		setPairing(needsHalf);
		if (!needsHalf) onChoose(null);
	};
	const isNumber = DIGIT.test(chosen.text);
	return (
		<Box style={styles.chooser} role="group" aria-label={words.thePlaceOf(chosen.text)} testID="chooser">
			<Words strong size="title" role="heading" aria-level={2}>
				{words.whatIsHereFor(shownToken(chosen))}
			</Words>
			<Box style={styles.row}>
				{chosen.place === 'wanted' ? (
					<Button
						label={words.thisIsNotTheUnitAskedFor}
						onPress={() => {
							onDo({ do: 'ask', want: null });
							onChoose(null);
						}}
						testID="role-unwanted"
					/>
				) : chosen.place === 'rounding' ? (
					<Button
						label={words.thisIsNotAboutRounding}
						onPress={() => {
							onDo({ do: 'round', rounding: 'figures' });
							onChoose(null);
						}}
						testID="role-unrounded"
					/>
				) : (
					<>
						{(isNumber ? ROLES : []).map(({ role, label }) => (
							<Button
								key={role}
								label={label}
								on={chosen.place === role}
								onPress={() => give(role)}
								testID={`role-${role}`}
							/>
						))}
						{isNumber ? null : (
							<Button label={words.thisIsTheUnitAskedFor} onPress={() => give('wanted')} testID="role-wanted" />
						)}
					</>
				)}
				{chosen.place === 'start' && isNumber ? (
					<Exactness
						exact={work.exactStart}
						about={chosen.text}
						onChange={(exact) => onDo({ do: 'exactStart', exact })}
					/>
				) : null}
				<Button label={words.close} onPress={() => onChoose(null)} testID="chooser-close" />
			</Box>
			{pairing ? (
				<OtherHalf
					token={chosen}
					tokens={tokens}
					onFact={(text) => {
						const read = readFactText(text);
						if (!read.ok) return;
						onDo({ do: 'state', fact: read.value });
						onChoose(null);
					}}
				/>
			) : (
				<Words size="small" tone="soft">
					{words.startFromWhatTheQuestion}
				</Words>
			)}
		</Box>
	);
}

/** What was read of the text, token by token, each to be touched and given another place. */
export function Places({ tokens, chosen, onChoose }: Pick<Props, 'tokens' | 'chosen' | 'onChoose'>) {
	const styles = useStyles();
	if (!tokens.length) return null;
	return (
		<Box style={styles.part} role="group" aria-label={words.whatWasRead} testID="places">
			<Words size="small" tone="soft" aria-hidden>
				{words.whatIReadTouchOneToChange}
			</Words>
			<Box style={styles.row}>
				{tokens.map((token) => (
					<Button
						key={`${token.at}`}
						label={`${shownToken(token)} · ${SAYS_PLACE[token.place ?? 'none']}`}
						say={words.changeWhatItIsFor}
						on={chosen?.at[0] === token.at[0]}
						onPress={() => onChoose(token)}
						testID={`token-${token.at[0]}`}
					/>
				))}
			</Box>
		</Box>
	);
}

const useStyles = makeStyles((palette) => ({
	part: { gap: GAP.s },
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	chooser: { gap: GAP.s, padding: GAP.m, backgroundColor: palette.panel, borderRadius: CORNER },
}));
