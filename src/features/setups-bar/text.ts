import en from '../../messages/en/setupsBar.json';
import { translator } from '../../messages/translator';

export const t = translator('setupsBar', en);
