import en from '../../messages/en/search.json';
import { translator } from '../../messages/translator';

export const t = translator('search', en);
