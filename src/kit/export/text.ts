import en from '../../messages/en/export.json';
import { translator } from '../../messages/translator';

export const t = translator('export', en);
