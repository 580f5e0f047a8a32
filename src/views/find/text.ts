import en from '../../messages/en/find.json';
import { translator } from '../../messages/translator';

export const t = translator('find', en);
