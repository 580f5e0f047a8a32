import en from '../../messages/en/rider.json';
import { translator } from '../../messages/translator';

export const t = translator('rider', en);
