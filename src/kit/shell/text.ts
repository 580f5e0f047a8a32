import en from '../../messages/en/frame.json';
import { translator } from '../../messages/translator';

export const t = translator('frame', en);
