import en from '../../messages/en/rides.json';
import { translator } from '../../messages/translator';

export const t = translator('rides', en);
