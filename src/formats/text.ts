import en from '../messages/en/files.json';
import { translator } from '../messages/translator';

export const t = translator('files', en);
