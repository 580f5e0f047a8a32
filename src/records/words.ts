import en from '../messages/en/records.json';
import { translator } from '../messages/translator';

export const t = translator('records', en);
