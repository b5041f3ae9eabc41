import { type Exact, rationalText, workChain } from '@tidy-sum/core';
import { alikeIn } from '@tidy-sum/core/ask';
import { sayLine } from '@tidy-sum/core/help';
import { askChainSchema } from '@tidy-sum/schema/ask';
import { op, piField } from '../op';

function exactText(exact: Exact | null): string | null {
	return exact && rationalText(exact.value);
}

export const chain = op(askChainSchema, (request) => {
	const worked = workChain(request);
	if (!worked.ok) return worked;
	const { top, bottom, value, unit, standing, cancelled, running, aside, reached } = worked.value;
	const { significant, atMost, limitedBy, printed } = worked.value;
	return {
		ok: true,
		value: {
			top: exactText(top),
			...(top?.pi ? { topPi: top.pi } : {}),
			bottom: exactText(bottom),
			...(bottom?.pi ? { bottomPi: bottom.pi } : {}),
			value: exactText(value),
			...piField(value?.pi ?? 0),
			unit: unit.text,
			standing,
			cancelled,
			running: running.map((step) => ({
				value: step.value && rationalText(step.value),
				...piField(step.pi),
				unit: step.unit,
			})),
			...(aside.length
				? { aside: aside.map((kept) => ({ value: kept.value && rationalText(kept.value), unit: kept.unit.text })) }
				: {}),
			reached,
			significant,
			atMost,
			limitedBy,
			factors: worked.value.factors.map(({ equal, exact, significant: count }) => ({
				equal,
				exact,
				significant: count,
			})),
			text: printed?.text ?? null,
			plain: printed?.plain ?? null,
			scientific: printed?.scientific ?? null,
			counted: worked.value.read.counted,
			...(request.alike ? { alike: alikeIn(worked.value.pieces) } : {}),
			...(request.say ? { said: sayLine(worked.value) } : {}),
		},
	};
});
