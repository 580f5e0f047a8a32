import en from '../../messages/en/offline.json';
import { translator } from '../../messages/translator';

export const t = translator('offline', en);
