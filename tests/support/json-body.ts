/** Says of a body that it is JSON; of a text nobody would say so by itself. */
export const JSON_BODY = { 'content-type': 'application/json' };
