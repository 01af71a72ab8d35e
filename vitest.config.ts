import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    include: ['{core,storefront,studio,server,demo}/**/*.test.{ts,tsx}'],
    setupFiles: ['e2e/seeds.ts'],
    testTimeout: 60_000,
    hookTimeout: 60_000,
    pool: 'forks',
    maxWorkers: 2,
  },
});
