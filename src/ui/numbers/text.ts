import en from '../../messages/en/numbers.json';
import { translator } from '../../messages/translator';

export const t = translator('numbers', en);
