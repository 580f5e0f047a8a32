import en from '../messages/en/workers.json';
import { translator } from '../messages/translator';

export const t = translator('workers', en);
