import en from '../../messages/en/settings.json';
import { translator } from '../../messages/translator';

export const t = translator('settings', en);
