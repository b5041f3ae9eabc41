import { mustPlace, sayQuantity, sidesOfStart } from '@tidy-sum/core';
import { __iconData as TurnOver } from 'lucide-react-native/icons/arrow-up-down';
import { ExactStart } from '../../problem/exactness';
import { GAP } from '../../theme/tokens';
import { makeStyles } from '../../theme/use-styles';
import { Box } from '../../ui/box';
import { Button } from '../../ui/button';
import { Words } from '../../ui/words';
import { isOwn } from '../../work/exercises';
import type { Panel } from '../../work/panel-slice';
import { PanelFrame } from '../panel-frame';
import type { PanelProps } from '../panel-row';
import * as words from './words';
import { unclearStart, Zeros } from './zeros';

declare module '../../work/panel-slice' {
	interface Panels {
		readonly start: object;
	}
}

/** The start of the line: what it is, turned over, and which of its figures count. */
export function StartPanel({ view, acts }: PanelProps<'start'>) {
	const { exercise } = view;
	const places: Panel | null = isOwn(exercise.name) ? { kind: 'own' } : mustPlace(exercise) ? { kind: 'places' } : null;
	const styles = useStyles();
	const { top, bottom } = sidesOfStart(view.chain.start);
	const unclear = unclearStart(view);
	return (
		<PanelFrame>
			<Words testID="start-says">{words.theLineStartsFrom(sayQuantity(top), bottom && sayQuantity(bottom))}</Words>
			<Box style={styles.row}>
				<Button
					label={words.turnOver}
					icon={TurnOver}
					onPress={() => acts.onDo({ do: 'turnStart' })}
					testID="turn-start"
				/>
				{places ? (
					<Button label={words.startFromSomethingElse} onPress={() => acts.show(places)} testID="other-start" />
				) : null}
			</Box>
			{isOwn(exercise.name) ? (
				<ExactStart exact={view.work.exactStart} about={sayQuantity(top)} onDo={acts.onDo} />
			) : null}
			{unclear === null ? null : <Zeros text={unclear} figures={view.work.startFigures} onChoose={acts.onZeros} />}
		</PanelFrame>
	);
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: GAP.s },
}));
