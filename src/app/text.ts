import en from '../messages/en/app.json';
import { translator } from '../messages/translator';

export const t = translator('app', en);
