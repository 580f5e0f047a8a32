import en from '../../messages/en/sensor.json';
import { translator } from '../../messages/translator';

export const t = translator('sensor', en);
