import en from '../../messages/en/needs.json';
import { translator } from '../../messages/translator';

export const t = translator('needs', en);
