import en from '../../../messages/en/learn.json';
import { translator } from '../../../messages/translator';

export const t = translator('learn', en);
