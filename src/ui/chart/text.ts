import en from '../../messages/en/chart.json';
import { translator } from '../../messages/translator';

export const t = translator('chart', en);
