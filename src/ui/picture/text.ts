import en from '../../messages/en/picture.json';
import { translator } from '../../messages/translator';

export const t = translator('picture', en);
