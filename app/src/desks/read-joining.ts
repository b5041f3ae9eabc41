import { idSchema } from '@tidy-sum/schema';
import { CODE_SIGNS, codeSchema, keySchema } from '@tidy-sum/schema/desk';
import * as words from './words';

/** What was typed or came in a link: a one-time code, or what stands on a recovery sheet. */
type Typed =
	| { readonly is: 'code'; readonly code: string }
	| { readonly is: 'sheet'; readonly desk: string; readonly key: string }
	| { readonly is: 'none'; readonly why: string };

/** What stands on a recovery sheet: the desk and its key with a point between them. */
export function sheetText(desk: string, key: string): string {
	return `${desk}.${key}`;
}

/**
 * What was typed, read: a code of eight signs, whatever spaces and small letters it has, or the line of a recovery sheet; else
 * what is not right about it.
 */
export function readJoining(text: string): Typed {
	// Of a whole link the end is what counts.
	const plain = text.slice(text.lastIndexOf('#') + 1).replace(/\s/g, '');
	const [desk = '', key = ''] = plain.split('.');
	if (idSchema.safeParse(desk).success && keySchema.safeParse(key).success) return { is: 'sheet', desk, key };
	const code = codeSchema.safeParse(plain);
	if (code.success) return { is: 'code', code: code.data };
	const signs = plain.toUpperCase().replace(/-/g, '');
	if (!signs) return { is: 'none', why: words.typeTheCodeThatTheOther };
	const odd = [...signs].find((sign) => !CODE_SIGNS.includes(sign));
	if (signs.length > 12)
		return {
			is: 'none',
			why: words.thisIsNotACodeAndNotThe,
		};
	if (odd) return { is: 'none', why: words.aCodeNeverHasInItItHasNoIO(odd) };
	return { is: 'none', why: words.aCodeHasEightSignsYouTyped(signs.length) };
}
