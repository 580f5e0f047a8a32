/** FUZZ=n runs n times as many random cases as usual, FUZZ=0.5 half as many. */
const FUZZ = Number(process.env.FUZZ ?? 1);

/** Returns how many random cases a test tries. @param usual in a run without FUZZ */
export const cases = (usual: number): number => Math.max(1, Math.round(usual * FUZZ));
