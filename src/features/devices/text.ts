import en from '../../messages/en/devices.json';
import { translator } from '../../messages/translator';

export const t = translator('devices', en);
