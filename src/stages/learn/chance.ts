/** A whole number by chance, 0 to 2³² − 1. */
export const anyWhole = () => crypto.getRandomValues(new Uint32Array(1))[0]!;
