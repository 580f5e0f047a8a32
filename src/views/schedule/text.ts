import en from '../../messages/en/schedule.json';
import { translator } from '../../messages/translator';

export const t = translator('schedule', en);
