import { useMemo } from 'react';
import { ScrollView } from 'react-native';
import { WithExercise } from '../store/with-exercise';
import { useTitle } from '../ui/use-title';
import type { DeskView } from '../work/desk-view';
import { answerOf } from '../work/line-of-work';
import { NameAndDate } from './name-and-date';
import { PaperOf, paperOf } from './paper-of';
import { usePaperStyles, Ways } from './ways';
import { useWhole, WholePaper } from './whole-paper';
import * as words from './words';

function Paper({ view }: { readonly view: DeskView }) {
	const styles = usePaperStyles();
	const paper = useMemo(() => paperOf(view), [view]);
	const { name, title } = view.exercise;
	useTitle(words.handIn(title));
	return (
		<ScrollView style={styles.screen} contentContainerStyle={styles.page} role="main">
			<Ways
				back={{ label: words.toTheDesk, path: `/desk/${name}` }}
				make={(form) => form.make(paper)}
				title={title}
				answered={() => [{ exercise: name, answer: answerOf(view.exercise, view.work), paper }]}
				working={`/working/${name}`}
			/>
			<NameAndDate />
			<PaperOf view={view} />
		</ScrollView>
	);
}

/** The worked line as a clean page, to print or to save, and to copy in each form; of a sheet or a Round all of it as one paper. */
export function HandInScreen({ name }: { readonly name: string }) {
	const whole = useWhole(name);
	if (whole) return <WholePaper whole={whole} />;
	return <WithExercise name={name}>{(view) => <Paper view={view} />}</WithExercise>;
}
