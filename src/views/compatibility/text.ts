import en from '../../messages/en/compatibility.json';
import { translator } from '../../messages/translator';

export const t = translator('compatibility', en);
