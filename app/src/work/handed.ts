import type { SheetProblem } from '@tidy-sum/core/problem';
import type { KeptProblem, SingleStep, Step, Told } from '@tidy-sum/schema';
import type { Handed } from '@tidy-sum/schema/handed';
import { HANDED_STEPS_LIMIT } from '@tidy-sum/schema/limits';
import { lineTold, startTold, titleOf } from './exercises';
import { workNamed } from './how-far';
import { isSheet, problemName, sheetOf } from './sheet';
import * as words from './words';
import type { Work } from './work';
import type { WorksState } from './works-reducer';

/** A problem as it stands, as what was told of it: read of its text, and said by hand over that. */
export function toldIn(work: Work): Told {
	const { told, placed, start, until, terms, difference, exactStart, stated, asked, rounding } = work;
	const roleAt = (at: readonly [number, number]) => placed.find((one) => one.at[0] === at[0])?.role ?? null;
	const spans = new Map([...(told?.marks ?? []), ...placed].map(({ at }) => [`${at}`, at]));
	return {
		marks: [...spans.values()].map((at) => ({ at: [...at], role: roleAt(at) })),
		start,
		...(until ? { until } : {}),
		...(terms.length ? { terms: [...terms] } : {}),
		...(difference ? { difference } : {}),
		...(exactStart ? { exactStart } : {}),
		facts: stated.map((fact) => ({ ...fact })),
		want: asked,
		rounding,
		...lineTold(work),
		...startTold(work),
		...(told?.decimal ? { decimal: told.decimal } : {}),
		...(told?.goesBy ? { goesBy: told.goesBy } : {}),
		says: told?.says ?? { want: null, rounding: null },
	};
}

function handedProblem(works: WorksState, name: string, lying: Handed['problems'][number]): Handed['problems'][number] {
	const work = workNamed(works, name);
	return work ? { label: lying.label, text: work.text, told: toldIn(work) } : { ...lying };
}

/**
 * A sheet or a problem of one's own as it is handed on: its problems, without anything worked on them.
 * @param withWork whether a problem alone goes with all its steps, so that how it was worked can be played back.
 */
export function handedOf(works: WorksState, name: string, withWork = false): Handed {
	if (!isSheet(name)) {
		const title = workNamed(works, name)?.title ?? '';
		const steps = works.byId[works.open[name] ?? '']?.body.steps ?? [];
		const worked = withWork && steps.length <= HANDED_STEPS_LIMIT ? { worked: [...steps] } : {};
		return { tidySum: 1, title, problems: [{ ...handedProblem(works, name, { label: null, text: '' }), ...worked }] };
	}
	const { title, problems } = sheetOf(works.byId[works.open[name] ?? '']?.body);
	return {
		tidySum: 1,
		title,
		problems: problems.map(({ id, ...lying }) => handedProblem(works, problemName(name, id), lying)),
	};
}

/** What is called so when problems were handed on. */
export function handedTitle({ title, problems }: Handed): string {
	return titleOf({ title, text: problems[0]?.text ?? '' }, words.problems);
}

/** The ids of problems on a sheet, in the order they were brought. */
export function problemId(place: number): string {
	return `p${place + 1}`;
}

/** The step that lays problems on a sheet. */
export function layStep(problems: Handed['problems'] | readonly SheetProblem[]): SingleStep {
	return {
		do: 'lay',
		problems: problems.map((problem, i) => ({
			id: problemId(i),
			label: problem.label,
			text: problem.text,
			...('told' in problem && problem.told ? { told: problem.told } : {}),
		})),
	};
}

/** The step that poses a problem of a sheet when it is first opened, as it lies there or as it was read since. */
export function posingStep({ text, told }: Pick<KeptProblem, 'text' | 'told'>, read?: Told): SingleStep {
	const known = told ?? read;
	return { do: 'pose', text, given: true, ...(known ? { told: known } : {}) };
}

/** What is done to take in problems that were handed on: a sheet, or one problem. What is told of a problem of a sheet lies there until it is opened. */
export function takingIn(handed: Handed, name: string): Step {
	const { title, problems } = handed;
	const named: readonly SingleStep[] = title === '' ? [] : [{ do: 'entitle', title }];
	const [only] = problems;
	if (!isSheet(name)) {
		const { text = '', told } = only ?? {};
		const pose: SingleStep = { do: 'pose', text, ...(told ? { told } : {}) };
		return { do: 'together', steps: [pose, ...named] };
	}
	return { do: 'together', steps: [layStep(problems), ...named] };
}
