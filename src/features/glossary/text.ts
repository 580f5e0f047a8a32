import en from '../../messages/en/glossary.json';
import { translator } from '../../messages/translator';

export const t = translator('glossary', en);
