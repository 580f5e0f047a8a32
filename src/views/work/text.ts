import en from '../../messages/en/work.json';
import { translator } from '../../messages/translator';

export const t = translator('work', en);
