import { type ChangeEvent, useRef, useState } from 'react';
import createElement from 'react-native-web/dist/exports/createElement';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Notice } from '../ui/notice';
import { textOfFile } from './marked-field';

/** Takes the text of a file of the device. */
export function FileOf({ onText }: { readonly onText: (text: string) => void }) {
	const input = useRef<HTMLInputElement>(null);
	const [said, setSaid] = useState('');
	const taken = async ({ target }: ChangeEvent<HTMLInputElement>) => {
		const [file] = target.files ?? [];
		const text = file ? await textOfFile(file) : null;
		if (text !== null) onText(text);
		setSaid(file && text === null ? 'Only text files can be read here.' : '');
		target.value = '';
	};
	return (
		<Box style={{ alignItems: 'flex-start' }}>
			{createElement('input', {
				ref: input,
				type: 'file',
				accept: '.txt,.json,text/plain,application/json',
				onChange: (event: ChangeEvent<HTMLInputElement>) => void taken(event),
				'aria-label': 'A text file',
				tabIndex: -1,
				style: { display: 'none' },
				testID: 'bring-file',
			})}
			<Button
				label="A text file"
				say="of this device"
				onPress={() => input.current?.click()}
				testID="bring-file-open"
			/>
			{said ? <Notice>{said}</Notice> : null}
		</Box>
	);
}
