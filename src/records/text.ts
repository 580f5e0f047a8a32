export const NAME_LENGTH_MAX = 80;

export const NOTE_LENGTH_MAX = 2000;

/** ISO 4217. */
export const isCurrency = (code: string) => /^[A-Z]{3}$/.test(code);
