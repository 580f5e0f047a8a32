import en from '../../messages/en/gears.json';
import { translator } from '../../messages/translator';

export const t = translator('gears', en);
