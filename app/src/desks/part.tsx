import type { ReactNode } from 'react';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from '../ui/box';
import { Words } from '../ui/words';

type Props = {
	readonly title: string;
	readonly children: ReactNode;
	readonly testID?: string;
	/** Whether it stays off the paper when the page is printed; it does unless told otherwise. */
	readonly noPrint?: boolean;
};

/** A part of a page, under a heading of its own. */
export function Part({ title, children, testID, noPrint = true }: Props) {
	const styles = useStyles();
	return (
		<Box
			style={styles.part}
			role="group"
			data-noprint={noPrint || undefined}
			aria-label={title}
			{...(testID ? { testID } : {})}
		>
			<Words strong size="title" role="heading" aria-level={2}>
				{title}
			</Words>
			{children}
		</Box>
	);
}

const useStyles = makeStyles(() => ({ part: { gap: GAP.m } }));
