import { useRouter } from 'expo-router';
import { __iconData as Back } from 'lucide-react-native/icons/arrow-left';
import { type ReactNode, useDeferredValue, useMemo, useState } from 'react';
import { Box } from '../ui/box';
import { Button } from '../ui/button';
import { Choices } from '../ui/choices';
import { Notice } from '../ui/notice';
import { Page } from '../ui/page';
import { Words } from '../ui/words';
import { DuePart } from './due-part';
import { EverythingPart } from './everything-part';
import { SkillsPart } from './skills-part';
import { SlipsPart } from './slips-part';
import { TimesPart } from './times-part';
import { type RecordSoFar, useRecord } from './use-record';
import * as words from './words';

/** A part of the Record. */
type PartRow = {
	readonly value: string;
	readonly label: string;
	readonly say?: string;
	/** What it shows; null while it is being worked out. */
	readonly show: (record: RecordSoFar) => ReactNode;
};

/** The parts of the Record, in the order they are offered. To add one is to add its file and a row. */
const PARTS: readonly PartRow[] = [
	{ value: 'skills', label: words.skills, show: ({ skills }) => skills && <SkillsPart skills={skills} /> },
	{ value: 'slips', label: words.slips, show: ({ slips, now }) => slips && <SlipsPart slips={slips} now={now} /> },
	{ value: 'time', label: words.time, show: ({ times }) => times && <TimesPart times={times} /> },
	{ value: 'due', label: words.due, show: ({ due, now }) => due && <DuePart due={due} now={now} /> },
	{ value: 'everything', label: words.all, say: words.workAsATable, show: () => <EverythingPart /> },
];

/** What was learned: skills, slips, times, what is due, and all work; derived from the tries that are kept. */
export function RecordScreen({ part }: { readonly part?: string | undefined }) {
	const router = useRouter();
	const record = useRecord();
	const [chosen, setChosen] = useState((PARTS.find(({ value }) => value === part) ?? PARTS[0])?.value ?? '');
	// The touch is answered by the choice itself; the part is drawn behind it, and can be left before it is there.
	const drawn = useDeferredValue(chosen);
	const shown = useMemo(() => PARTS.find(({ value }) => value === drawn)?.show(record) ?? null, [drawn, record]);
	const isEmpty = record.skills !== null && !record.skills.length;
	return (
		<Page
			title={words.theRecord}
			testID="record"
			full
			tools={<Button label={words.today} icon={Back} onPress={() => router.navigate('/')} testID="to-today" />}
		>
			{record.fault ? <Notice>{record.fault}</Notice> : null}
			{isEmpty ? (
				<>
					<Words testID="record-empty">{words.youHaveNotCheckedAnAnswer}</Words>
					<Box style={{ flexDirection: 'row' }}>
						<Button
							label={words.chooseAnExercise}
							kind="strong"
							onPress={() => router.navigate('/problems')}
							testID="to-problems"
						/>
					</Box>
				</>
			) : (
				<>
					<Choices
						label={words.whatToLookAt}
						choices={PARTS}
						chosen={chosen}
						onChoose={(next) => {
							setChosen(next);
							router.setParams({ part: next });
						}}
						testID="record"
					/>
					{shown ?? (
						<Words role="status" testID="record-says">
							{record.says}
						</Words>
					)}
				</>
			)}
		</Page>
	);
}
