import en from '../../messages/en/bikeFields.json';
import { translator } from '../../messages/translator';

export const t = translator('bikeFields', en);
