/** How often a random test tries: `n` times in the suite, and as many times more as a hostile run asks for. */
// eslint-disable-next-line no-restricted-globals -- for tests, which Node runs
export const times = (n: number): number => Math.ceil(n * Number(process.env.TEST_TIMES ?? 1));
