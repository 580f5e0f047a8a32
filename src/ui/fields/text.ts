import en from '../../messages/en/fields.json';
import { translator } from '../../messages/translator';

export const t = translator('fields', en);
