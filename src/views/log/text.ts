import en from '../../messages/en/log.json';
import { translator } from '../../messages/translator';

export const t = translator('log', en);
