import en from '../../messages/en/compare.json';
import { translator } from '../../messages/translator';

export const t = translator('compare', en);
