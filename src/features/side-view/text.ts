import en from '../../messages/en/sideView.json';
import { translator } from '../../messages/translator';

export const t = translator('sideView', en);
