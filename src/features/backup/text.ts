import en from '../../messages/en/backup.json';
import { translator } from '../../messages/translator';

export const t = translator('backup', en);
