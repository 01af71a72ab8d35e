import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    include: ['{core,storefront,studio,server,demo}/**/*.test.{ts,tsx}'],
    setupFiles: ['e2e/seeds.ts', 'e2e/emptyPage.ts'],
    testTimeout: 60_000,
    hookTimeout: 60_000,
    pool: 'forks',
    // The code under test is read once for all files, which only a single worker does; what a test changes of the
    // world it puts back itself.
    isolate: false,
    maxWorkers: 1,
  },
});
