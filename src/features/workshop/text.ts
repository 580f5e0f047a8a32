import en from '../../messages/en/workshop.json';
import { translator } from '../../messages/translator';

export const t = translator('workshop', en);
