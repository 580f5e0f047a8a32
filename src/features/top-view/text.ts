import en from '../../messages/en/topView.json';
import { translator } from '../../messages/translator';

export const t = translator('topView', en);
