import en from '../../messages/en/saveTable.json';
import { translator } from '../../messages/translator';

export const t = translator('saveTable', en);
