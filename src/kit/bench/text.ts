import en from '../../messages/en/bench.json';
import { translator } from '../../messages/translator';

export const t = translator('bench', en);
