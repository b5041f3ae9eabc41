import type { ReactNode } from 'react';
import { GAP } from '../theme/tokens';
import { makeStyles } from '../theme/use-styles';
import { Box } from './box';
import { Words } from './words';

type Props = {
	readonly title: string;
	readonly children: ReactNode;
	readonly testID?: string;
	/** Whether it stays off the paper when the page is printed; it does not unless told so. */
	readonly noPrint?: boolean;
};

/** A part of a page, under a heading of its own. */
export function Part({ title, children, testID, noPrint = false }: Props) {
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
