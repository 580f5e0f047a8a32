import en from '../../messages/en/jobs.json';
import { translator } from '../../messages/translator';

export const t = translator('jobs', en);
