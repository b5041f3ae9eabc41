import { slipNamed } from '@tidy-sum/core/practice';
import type { ClassRow } from '@tidy-sum/core/record';
import type { KeptTry } from '@tidy-sum/schema';
import { __iconData as Back } from 'lucide-react-native/icons/arrow-left';
import { useState } from 'react';
import { sayFailed } from '../store/desk-acts';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Confirm } from '../ui/confirm';
import { momentText } from '../ui/dates';
import { Field } from '../ui/field';
import { Notice } from '../ui/notice';
import { Part } from '../ui/part';
import { Words } from '../ui/words';
import { tryText } from '../work/try-lines';
import type { ClassHere } from './use-class';
import * as words from './words';

type Props = {
	readonly here: ClassHere;
	readonly row: ClassRow<KeptTry>;
	/** What each exercise is called. */
	readonly titles: readonly string[];
	readonly says: string;
	readonly name: string;
	readonly onName: (name: string) => void;
	readonly onClose: () => void;
};

/** One seat: each exercise with every try at it, as its line was sent. */
export function SeatView({ here: { server, askAgain }, row, titles, says, name, onName, onClose }: Props) {
	const styles = useStyles();
	const [why, setWhy] = useState('');
	const remove = async () => {
		const answer = await server.removeSeat(row.seat);
		if (answer.came !== 'here') return setWhy(sayFailed(answer));
		onName('');
		await askAgain();
		onClose();
	};
	return (
		<Part title={words.seatWithName(says, name)} testID="class-seat">
			<Box style={styles.row}>
				<Button label={words.allSeats} icon={Back} onPress={onClose} testID="seat-back" />
			</Box>
			<Box role="list" style={styles.list} testID="seat-cells">
				{row.cells.map(({ went, tries, slip }, problem) => (
					<Box key={titles[problem]} role="listitem" style={styles.item}>
						<Words strong>{titles[problem]}</Words>
						<Words size="small" tone={went === 'not-yet' ? 'look' : 'ink'}>
							{words.wentWith(went, tries.length, slip ? (slipNamed(slip)?.title ?? '') : '')}
						</Words>
						{tries.map((made) => (
							<Box key={made.when}>
								<Words mono size="small">
									{tryText(made)}
								</Words>
								<Words size="small" tone="soft">
									{momentText(made.when)}
								</Words>
							</Box>
						))}
					</Box>
				))}
			</Box>
			<Field
				label={words.nameHere}
				named
				value={name}
				onChange={onName}
				placeholder={words.nameLooksLike}
				testID="seat-name"
			/>
			<Confirm
				label={words.removeTheSeat}
				question={words.removeQuestion}
				yes={words.remove}
				no={words.keepIt}
				onYes={() => void remove()}
				testID="seat-remove"
			/>
			<Notice testID="seat-why">{why}</Notice>
		</Part>
	);
}

const useStyles = makeStyles(() => ({
	row: { flexDirection: 'row', flexWrap: 'wrap', gap: GAP.s },
	list: { gap: GAP.m },
	item: { gap: GAP.xs },
}));
