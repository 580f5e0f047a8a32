import en from '../../messages/en/scale.json';
import { translator } from '../../messages/translator';

export const t = translator('scale', en);
