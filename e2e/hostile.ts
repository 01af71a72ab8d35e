import { spawn, type ChildProcess } from 'node:child_process';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { buildStudio } from '../server/start/build.ts';
import { startTemplate } from './template.ts';

/**
 * The hostile tests at length: requests, changed documents, kills and somebody who presses anything, as many times more
 * than in the suite as is asked for. "npm run hostile -- 60" tries some thirty thousand requests.
 */
const root = fileURLToPath(new URL('..', import.meta.url));
const HOSTILE = ['server/hostile', 'server/api.test.ts', 'core/plan/mutations.test.ts'];
const often = Number(process.argv[2] ?? 20);
if (!(often > 0))
  throw new Error(`"${process.argv[2]}" is no number. Say how many times more: npm run hostile -- 20`);
const seed = process.env.TEST_SEED || String(Math.floor(Math.random() * 2 ** 31));
console.log(`Random tests begin with ${seed}; TEST_SEED=${seed} tries the very same again.`);

const template = await startTemplate(0.1);
const child = spawn(
  join(root, 'node_modules', '.bin', 'vitest'),
  ['run', '--testTimeout=3600000', ...HOSTILE],
  {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, ...template.env, TEST_SEED: seed, TEST_TIMES: String(often) },
  },
);
const ended = (one: ChildProcess) =>
  new Promise<number>((resolve) => one.once('close', (code) => resolve(code ?? 1)));
const served = await ended(child);

// Then somebody who presses anything in the studio.
await Promise.all([buildStudio(console.log), template.seed()]);
const pressed = await ended(
  spawn(
    join(root, 'node_modules', '.bin', 'playwright'),
    ['test', '--config', 'e2e/playwright.config.ts', 'anything'],
    { cwd: root, stdio: 'inherit', env: { ...process.env, ...template.env, TEST_TIMES: String(often) } },
  ),
);
await template.stop();
process.exit(served || pressed);
