import { type Factor, parseNumeral, sayFactor, toSuperscript } from '@tidy-sum/core';
import type { SingleStep } from '@tidy-sum/schema';
import { View } from 'react-native';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Button } from '../../ui/button';
import { Words } from '../../ui/words';
import type { DeskView } from '../../work/desk-view';
import * as words from './words';
import { Zeros } from './zeros';

const POWERS = [1, 2, 3] as const;

type PartProps = { readonly id: string; readonly onDo: (...steps: readonly SingleStep[]) => void };

/** Raises a whole block, for areas and volumes. */
function Power({ id, factor, onDo }: PartProps & { readonly factor: Factor }) {
	const styles = useStyles();
	return (
		<View style={styles.row} role="group" aria-label={words.raiseToAPower(sayFactor({ ...factor, power: 1 }))}>
			<Words size="small" tone="soft">
				{words.raiseTheFactor}
			</Words>
			{POWERS.map((power) => (
				<Button
					key={power}
					label={power === 1 ? 'no' : `( )${toSuperscript(power)}`}
					say={power === 1 ? 'power' : words.toThePower(power)}
					on={(factor.power ?? 1) === power}
					onPress={() => onDo({ do: 'raise', block: id, power })}
					testID={`power-${power}`}
				/>
			))}
		</View>
	);
}

/** Says whether the numbers of a block are exact or measured. */
function Exactness({ id, exact: isExact, onDo }: PartProps & { readonly exact: boolean }) {
	const styles = useStyles();
	return (
		<View style={styles.row} role="group" aria-label={words.whetherThisFactorIsExactOr}>
			<Words size="small" tone="soft">
				{words.itsNumbersAre}
			</Words>
			{[true, false].map((exact) => (
				<Button
					key={`${exact}`}
					label={exact ? 'exact' : 'measured'}
					on={isExact === exact}
					onPress={() => onDo({ do: 'exact', block: id, exact })}
					testID={exact ? 'exact' : 'measured'}
				/>
			))}
		</View>
	);
}

type Props = {
	readonly view: DeskView;
	readonly index: number;
	readonly onDo: PartProps['onDo'];
};

/** What can be said of a block beside how it lies: raised to a power, exact or measured, which of its zeros count. */
export function BlockMore({ view, index, onDo }: Props) {
	const block = view.blocks[index];
	const judged = view.worked.factors[index];
	if (!block) return null;
	const { id, factor } = block;
	const isExact = judged?.exact === true;
	const unclear = view.support !== 'none' && judged && !isExact ? unclearIn(factor) : null;
	return (
		<>
			<Power id={id} factor={factor} onDo={onDo} />
			{judged?.exact === null || judged === undefined ? null : <Exactness id={id} exact={isExact} onDo={onDo} />}
			{unclear === null ? null : (
				<Zeros
					text={unclear}
					figures={factor.figures ?? null}
					onChoose={(figures) => onDo({ do: 'zeros', block: id, figures })}
				/>
			)}
		</>
	);
}

/** The number of a measured block whose zeros do not show whether they count. */
function unclearIn({ top, bottom }: Factor): string | null {
	for (const { number } of [top, bottom]) {
		const read = parseNumeral(number);
		if (read.ok && read.value.ambiguous && !/^10*$/.test(number.trim())) return number;
	}
	return null;
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: GAP.s },
}));
