import en from '../messages/en/common.json';
import { translator } from '../messages/translator';

export const t = translator('common', en);
