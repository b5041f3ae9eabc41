import { readSheet } from '@tidy-sum/core/problem';
import { askSheetSchema } from '@tidy-sum/schema/ask';
import { op } from '../op';

export const sheet = op(askSheetSchema, ({ text }) => ({ ok: true, value: readSheet(text) }));
