import en from '../../messages/en/http.json';
import { translator } from '../../messages/translator';

/** Messages of the HTTP interface. */
export const t = translator('http', en);
