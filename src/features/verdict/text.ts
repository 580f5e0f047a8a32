import en from '../../messages/en/verdict.json';
import { translator } from '../../messages/translator';

export const t = translator('verdict', en);
