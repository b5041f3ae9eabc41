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
	/** Called with the first file. */
	readonly onFile?: (file: File) => void;
	/** Called with all files, where several may be chosen. */
	readonly onFiles?: (files: readonly File[]) => void;
	/** Whether the camera is opened, on a device that has one. */
	readonly camera?: boolean;
	readonly testID: string;
};

/** Takes a file of the device, or several. */
export function FileButton({ label, say, accept, onFile, onFiles, camera = false, testID }: Props) {
	const input = useRef<HTMLInputElement>(null);
	return (
		<Box style={{ alignItems: 'flex-start' }}>
			{createElement('input', {
				ref: input,
				type: 'file',
				accept,
				multiple: onFiles !== undefined && !camera,
				...(camera ? { capture: 'environment' } : {}),
				onChange: ({ target }: ChangeEvent<HTMLInputElement>) => {
					const files = [...(target.files ?? [])];
					if (files[0]) onFile?.(files[0]);
					if (files.length) onFiles?.(files);
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
