import en from '../../messages/en/picker.json';
import { translator } from '../../messages/translator';

export const t = translator('picker', en);
