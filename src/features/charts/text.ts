import en from '../../messages/en/charts.json';
import { translator } from '../../messages/translator';

export const t = translator('charts', en);
