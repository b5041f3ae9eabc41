import { balanceOf, type Chain, type Quantity, workChain } from '@tidy-sum/core';
import { useRouter } from 'expo-router';
import { LineRow } from './line-row';
import * as words from './words';

type Props = {
	readonly chain: Chain;
	/** The block that is open, from 0; null for none. */
	readonly open?: number | null;
	/** Told which block was touched; left out, nothing comes of it. */
	readonly onBlock?: (index: number) => void;
	/** The other end of a range that begins at its start. */
	readonly until?: Quantity | undefined;
	/** The block where it first fails, from 0: it looks as one that is not equal. */
	readonly fails?: number | null;
	readonly testID?: string;
};

const nothing = () => {};

/** A line that is worked out already, drawn as on the Desk; touching a unit shows the facts that hold it. */
export function WorkedLine({ chain, open = null, onBlock, until, fails = null, testID }: Props) {
	const router = useRouter();
	const worked = workChain(chain);
	if (!worked.ok) return null;
	return (
		<LineRow
			start={chain.start}
			until={until}
			worked={worked.value}
			columns={balanceOf(worked.value, chain.want ?? '')}
			// A block of a given line is its place in it.
			blocks={chain.factors.map((factor, i) => ({ id: `${i}`, factor }))}
			selected={open === null ? null : `${open}`}
			isUnequal={(i) => i === fails || worked.value.factors[i]?.equal === false}
			does={onBlock ? words.showWhatItDoes : ''}
			startDoes={words.theStartTitle}
			onUnit={(unit) => router.navigate(`/shelf/facts?search=${encodeURIComponent(unit)}`)}
			onBlock={(id) => onBlock?.(Number(id))}
			onStart={nothing}
			label={words.theLine}
			testID={testID}
		/>
	);
}
