import en from '../../messages/en/explanations.json';
import { translator } from '../../messages/translator';

export const t = translator('explanations', en);
