import en from '../en/jobCard.json';
import { translator } from '../translator';

export const t = translator('jobCard', en);
