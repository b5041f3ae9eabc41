import { type Factor, workChain } from '@tidy-sum/core';
import { memo, useEffect, useState } from 'react';
import { StyleSheet } from 'react-native';
import { afterPaint } from '../ui/after-paint';
import { Box } from '../ui/box';
import { BlockSketch } from './arriving';
import { balanceOf, tokensOf } from './describe';
import { FactorBlock } from './factor-block';

const FACTOR: Factor = { top: { number: '60', unit: 'min' }, bottom: { number: '1', unit: 'h' }, power: 2 };

const nothing = () => {};

function Rehearsed() {
	const worked = workChain({ start: { number: '2', unit: 'h' }, factors: [FACTOR], want: 'min' });
	if (!worked.ok) return null;
	const columns = balanceOf(worked.value, 'min');
	const side = (which: 'top' | 'bottom') => tokensOf(worked.value, columns, 0, which, 2);
	return (
		<Box style={styles.unseen} aria-hidden>
			<BlockSketch factor={FACTOR} />
			<FactorBlock
				id=""
				index={0}
				factor={FACTOR}
				unequal={false}
				selected={false}
				tokens={{ top: side('top'), bottom: side('bottom') }}
				touched={null}
				onUnit={nothing}
				onBlock={nothing}
			/>
		</Box>
	);
}

/** How often a block is drawn: by then what draws it has been compiled, not only read. */
const TIMES = 4;

/**
 * Draws a block out of sight once the screen stands, and takes it away, some frames running: the first block a
 * student places then comes as quickly as the next ones.
 */
export const Rehearsal = memo(function Rehearsal() {
	const [turn, setTurn] = useState(0);
	useEffect(() => (turn === 2 * TIMES ? undefined : afterPaint(() => setTurn(turn + 1))), [turn]);
	return turn % 2 ? <Rehearsed /> : null;
});

const styles = StyleSheet.create({ unseen: { display: 'none' } });
