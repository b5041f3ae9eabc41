import { type Chain, START, workChain } from '@tidy-sum/core';
import { useRouter } from 'expo-router';
import { balanceOf, tokensOf } from '../desk/describe';
import { FactorBlock, useBlockStyles } from '../desk/factor-block';
import { StartBlock } from '../desk/line';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Words } from '../ui/words';

type Props = {
	readonly chain: Chain;
	/** The block that is open, from 0; null for none. */
	readonly open?: number | null;
	/** Told which block was touched; left out, nothing comes of it. */
	readonly onBlock?: (index: number) => void;
	readonly testID?: string;
};

const nothing = () => {};

/** A line that is worked out already, drawn as on the Desk; touching a unit shows the facts that hold it. */
export function WorkedLine({ chain, open = null, onBlock, testID }: Props) {
	const styles = useStyles();
	const block = useBlockStyles();
	const router = useRouter();
	const worked = workChain(chain);
	if (!worked.ok) return null;
	const columns = balanceOf(worked.value, chain.want ?? '');
	const tokens = (block: number, power = 1) => ({
		top: tokensOf(worked.value, columns, block, 'top', power),
		bottom: tokensOf(worked.value, columns, block, 'bottom', power),
	});
	const onUnit = (unit: string) => router.navigate(`/shelf/facts?search=${encodeURIComponent(unit)}`);
	const { factors } = chain;
	const adds = factors.map(({ shift }, i) => shift !== undefined && i < factors.length - 1);
	return (
		<Box style={styles.line} role="group" aria-label="The line" testID={testID}>
			{adds.some(Boolean) ? <Words style={block.paren}>{'('.repeat(adds.filter(Boolean).length)}</Words> : null}
			<StartBlock
				start={chain.start}
				tokens={tokens(START)}
				touched={null}
				limits={false}
				does="The start"
				onUnit={onUnit}
				onStart={nothing}
			/>
			{factors.map((factor, i) => (
				<FactorBlock
					// biome-ignore lint/suspicious/noArrayIndexKey: a block of a line is its place in it.
					key={i}
					id={`${i}`}
					index={i}
					factor={factor}
					unequal={false}
					selected={open === i}
					unit={factor.shift === undefined ? '' : (worked.value.running[i + 1]?.unit ?? '')}
					closes={adds[i] ?? false}
					does={onBlock ? 'Show what it does' : ''}
					tokens={tokens(i, factor.power)}
					touched={null}
					onUnit={onUnit}
					onBlock={(id) => onBlock?.(Number(id))}
				/>
			))}
		</Box>
	);
}

const useStyles = makeStyles(() => ({
	line: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', rowGap: GAP.m },
}));
