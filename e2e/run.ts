import { spawn } from 'node:child_process';
import { mkdtemp, readdir, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { buildStudio } from '../server/start/build.ts';
import { startTemplate } from './template.ts';
import { testShare } from './testShare.ts';

/** Everything that is tested: types, lint, unit and server tests, and journeys in a browser. */
const root = fileURLToPath(new URL('..', import.meta.url));

/**
 * Runs one of the packages' commands.
 * @param alone nothing else runs meanwhile, so that what it prints is shown at once; else it is printed at its end
 */
async function npx(
  title: string,
  [command, ...args]: [string, ...string[]],
  { env, alone = false }: { env?: Record<string, string>; alone?: boolean } = {},
): Promise<boolean> {
  const output = alone ? ('inherit' as const) : ('pipe' as const);
  if (alone) console.log(`\n── ${title}`);
  const child = spawn(join(root, 'node_modules', '.bin', command), args, {
    cwd: root,
    stdio: ['ignore', output, output],
    env: { ...process.env, FORCE_COLOR: '0', ...env },
  });
  const printed: Buffer[] = [];
  for (const stream of [child.stdout, child.stderr])
    stream?.on('data', (chunk: Buffer) => printed.push(chunk));
  const good = await new Promise<boolean>((resolve) => {
    child.once('error', () => resolve(false));
    child.once('close', (code) => resolve(code === 0));
  });
  if (!alone) console.log(`\n── ${title}${good ? '' : ': failed'}\n${Buffer.concat(printed).toString()}`);
  return good;
}

interface Counts {
  passed: number;
  failed: number;
}

async function countUnit(file: string): Promise<Counts> {
  const report = JSON.parse(await readFile(file, 'utf8')) as {
    numPassedTests: number;
    numFailedTests: number;
    numFailedTestSuites: number;
  };
  return { passed: report.numPassedTests, failed: report.numFailedTests };
}

async function countJourneys(file: string): Promise<Counts> {
  const { stats } = JSON.parse(await readFile(file, 'utf8')) as {
    stats: { expected: number; unexpected: number; flaky: number };
  };
  if (stats.flaky) console.log(`\n${stats.flaky} of the journeys passed only on the second try; see above.`);
  return { passed: stats.expected + stats.flaky, failed: stats.unexpected };
}

/** Prints what stood on the page when a journey failed, since a clean clone is gone when its log is read. */
async function tellOfFailures(): Promise<void> {
  const results = join(root, 'test-results');
  const files = await readdir(results, { recursive: true }).catch(() => []);
  for (const file of files.filter((one) => one.endsWith('error-context.md')))
    console.log(`\n── ${file}\n${await readFile(join(results, file), 'utf8')}`);
}

const LAYERS = ['core', 'storefront', 'studio', 'server', 'demo', 'e2e', 'bench'];

const seed = process.env.TEST_SEED || String(Math.floor(Math.random() * 2 ** 31));
console.log(`Random tests begin with ${seed}; "TEST_SEED=${seed} npm test" tries the very same again.`);

const reports = await mkdtemp(join(tmpdir(), 'wide-shelf-reports-'));
const all: Counts = { passed: 0, failed: 0 };
const add = ({ passed, failed }: Counts) => {
  all.passed += passed;
  all.failed += failed;
};
/** A step that is no test runner counts as one test. */
const step = async (passing: Promise<boolean>) =>
  add((await passing) ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 });

/** What looks at the code alone, one after the other. */
async function looking(): Promise<void> {
  await step(npx('Types', ['tsc', '-p', '.']));
  await step(npx('Lint', ['eslint', '.']));
  await step(npx('Format', ['prettier', '--check', '.', '--log-level', 'warn']));
  await step(npx('Unused code', ['knip']));
  await step(npx('Circles of imports', ['depcruise', ...LAYERS]));
}

const template = await startTemplate(0.35);

/** Some of the unit tests. */
async function unitTests(title: string, ...which: string[]): Promise<void> {
  const unit = join(reports, `${title}.json`);
  const good = await npx(
    title,
    ['vitest', 'run', ...which, '--reporter=default', '--reporter=json', `--outputFile.json=${unit}`],
    { env: { ...template.env, TEST_SEED: seed } },
  );
  const counted = await countUnit(unit).catch(() => ({ passed: 0, failed: 1 }));
  add(!good && counted.failed === 0 ? { ...counted, failed: 1 } : counted);
}

try {
  await Promise.all([
    looking(),
    unitTests('Server tests', 'server/', 'demo/'),
    unitTests('Unit and component tests', '--exclude', '{server,demo}/**'),
  ]);
  await Promise.all([buildStudio(console.log), template.seed()]);
  const journeys = join(reports, 'journeys.json');
  await npx(
    'Journeys in a browser',
    ['playwright', 'test', '--config', 'e2e/playwright.config.ts', ...process.argv.slice(2)],
    // The pages as they are served to shoppers.
    { env: { ...template.env, NODE_ENV: 'production', WIDE_SHELF_REPORT: journeys }, alone: true },
  );
  await tellOfFailures();
  add(await countJourneys(journeys).catch(() => ({ passed: 0, failed: 1 })));
} finally {
  await template.stop();
  await rm(reports, { recursive: true, force: true });
}

console.log(`\n${((await testShare(root)) * 100).toFixed(1)} % of all lines are tests`);
console.log(`\n${all.passed} passed, ${all.failed} failed`);
process.exit(all.failed === 0 ? 0 : 1);
