import en from '../../messages/en/workspace.json';
import { translator } from '../../messages/translator';

export const t = translator('workspace', en);
