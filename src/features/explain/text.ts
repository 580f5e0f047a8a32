import en from '../../messages/en/explain.json';
import { translator } from '../../messages/translator';

export const t = translator('explain', en);
