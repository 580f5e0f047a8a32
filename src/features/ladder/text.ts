import en from '../../messages/en/ladder.json';
import { translator } from '../../messages/translator';

export const t = translator('ladder', en);
