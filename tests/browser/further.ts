/**
 * Declares a test of a further way of working, beside the main ones of its page: `npm run test:wide` runs it, `npm test`
 * counts it as skipped. No other test may lean on it.
 */
export const further = process.env.RONTEL_WIDE === undefined ? test.skip : test;
