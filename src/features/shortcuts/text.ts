import en from '../../messages/en/shortcuts.json';
import { translator } from '../../messages/translator';

export const t = translator('shortcuts', en);
