import { type ChangeEvent, useRef } from 'react';
import createElement from 'react-native-web/dist/exports/createElement';
import { Box } from './box';
import { Button } from './button';

type Props = {
	readonly label: string;
	/** Said after the label where that is too short to make sense aloud. */
	readonly say?: string;
	/** Which files are offered, as a browser takes it. */
	readonly accept: string;
	readonly onFile: (file: File) => void;
	readonly testID: string;
};

/** Takes a file of the device. */
export function FileButton({ label, say, accept, onFile, testID }: Props) {
	const input = useRef<HTMLInputElement>(null);
	return (
		<Box style={{ alignItems: 'flex-start' }}>
			{createElement('input', {
				ref: input,
				type: 'file',
				accept,
				onChange: ({ target }: ChangeEvent<HTMLInputElement>) => {
					const [file] = target.files ?? [];
					if (file) onFile(file);
					target.value = '';
				},
				'aria-label': label,
				tabIndex: -1,
				style: { display: 'none' },
				testID,
			})}
			<Button
				label={label}
				{...(say ? { say } : {})}
				onPress={() => input.current?.click()}
				testID={`${testID}-open`}
			/>
		</Box>
	);
}
