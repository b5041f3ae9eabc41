import type { Fault } from '@tidy-sum/core';
import { readRoundCode } from '@tidy-sum/core/practice';
import { useState } from 'react';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Field } from '../ui/field';
import * as words from './words';

/** Opens a Round by its code, and says where a code is wrong. */
export function ByCode({ onOpen }: { readonly onOpen: (code: string) => void }) {
	const [code, setCode] = useState('');
	const [fault, setFault] = useState<Fault | null>(null);
	const open = () => {
		const read = readRoundCode(code);
		if (read.ok) onOpen(code);
		else setFault(read.fault);
	};
	return (
		<>
			<Field
				label={words.codeOfARound}
				value={code}
				onChange={(text) => {
					setCode(text);
					setFault(null);
				}}
				onSubmit={open}
				fault={fault}
				placeholder={words.k7mAe}
				testID="round-code"
			/>
			<Box style={{ flexDirection: 'row' }}>
				<Button label={words.openIt} onPress={open} testID="open-code" />
			</Box>
		</>
	);
}
