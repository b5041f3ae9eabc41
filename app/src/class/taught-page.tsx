import { useRouter } from 'expo-router';
import { type ReactNode, useState } from 'react';
import { forgetClasses } from '../device/class-notes';
import { sayFailed } from '../store/desk-acts';
import { useAppDispatch, useAppSelector } from '../store/store';
import { Confirm } from '../ui/confirm';
import { Fold } from '../ui/fold';
import { Notice } from '../ui/notice';
import { Page } from '../ui/page';
import { Words } from '../ui/words';
import { CLASSES } from '../work/list-names';
import type { Taught } from '../work/my-classes';
import { did } from '../work/works-reducer';
import { DoorPart } from './door-part';
import { HandOutPart } from './hand-out-part';
import { TablePart } from './table-part';
import { useClass } from './use-class';
import * as words from './words';

/** A class as its teacher sees it: how students join, what is handed out, and the table of what came. */
export function TaughtPage({ taught, tools }: { readonly taught: Taught; readonly tools: ReactNode }) {
	const router = useRouter();
	const dispatch = useAppDispatch();
	const desk = useAppSelector(({ sync }) => sync.desk) ?? '';
	const here = useClass(taught);
	const [why, setWhy] = useState('');
	const { view, isAway, isErased } = here;
	const erase = async () => {
		const answer = isErased ? null : await here.server.erase();
		if (answer && answer.came !== 'here' && answer.came !== 'erased') return setWhy(sayFailed(answer));
		forgetClasses(desk, taught.id);
		dispatch(did(CLASSES, { do: 'quit', class: taught.id }));
		router.navigate('/class' as '/');
	};
	return (
		<Page
			title={taught.title}
			testID="class"
			full
			tools={tools}
			beside={
				view && !isErased ? (
					<>
						<DoorPart here={here} />
						<HandOutPart here={here} />
					</>
				) : undefined
			}
		>
			{isErased ? <Notice>{words.classErased}</Notice> : null}
			{isAway ? <Notice>{words.theServerIsAway}</Notice> : null}
			{view || isErased || isAway ? null : <Words role="status">{words.loading}</Words>}
			{view && !isErased ? <TablePart here={here} view={view} id={taught.id} /> : null}
			<Notice testID="class-why">{why}</Notice>
			<Fold title={words.endOfTheClass} testID="class-end">
				<Confirm
					label={words.eraseTheClass}
					question={words.eraseQuestion}
					yes={words.erase}
					no={words.keepIt}
					onYes={() => void erase()}
					testID="class-erase"
				/>
			</Fold>
		</Page>
	);
}
