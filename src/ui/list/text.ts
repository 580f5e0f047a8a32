import en from '../../messages/en/list.json';
import { translator } from '../../messages/translator';

export const t = translator('list', en);
