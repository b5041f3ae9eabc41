import { type Factor, factForms, type TableFact } from '@tidy-sum/core';
import { Box } from '../ui/box';
import { FactItem, keyOfFact } from './fact-item';

/** The most facts that are listed at once. */
export const LISTED = 40;

export type FactListProps = {
	readonly facts: readonly TableFact[];
	/** The fact that is open, by its key. */
	readonly open: string | null;
	readonly onOpen: (key: string | null) => void;
	readonly onPlace: (factor: Factor) => void;
};

/** Some facts, each of which can be opened and laid on the line. */
export function FactList({ facts, open, onOpen, onPlace }: FactListProps) {
	return (
		<Box role="list">
			{factForms(facts).map((forms) => {
				const key = keyOfFact(forms[0]);
				return (
					<FactItem
						key={key}
						forms={forms}
						open={open === key}
						onOpen={() => onOpen(open === key ? null : key)}
						onPlace={onPlace}
					/>
				);
			})}
		</Box>
	);
}
