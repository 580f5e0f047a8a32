import en from '../../messages/en/finding.json';
import { translator } from '../../messages/translator';

export const t = translator('finding', en);
