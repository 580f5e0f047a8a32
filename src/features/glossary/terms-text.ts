import en from '../../messages/en/terms.json';
import { translator } from '../../messages/translator';

export const t = translator('terms', en);
