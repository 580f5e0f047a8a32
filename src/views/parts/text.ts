import en from '../../messages/en/parts.json';
import { translator } from '../../messages/translator';

export const t = translator('parts', en);
