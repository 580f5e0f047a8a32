import en from '../../messages/en/shop.json';
import { translator } from '../../messages/translator';

export const t = translator('shop', en);
