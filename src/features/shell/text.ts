import en from '../../messages/en/shell.json';
import { translator } from '../../messages/translator';

export const t = translator('shell', en);
