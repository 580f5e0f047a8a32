import en from '../messages/en/store.json';
import { translator } from '../messages/translator';

export const t = translator('store', en);
