import { spawn } from 'node:child_process';
import { mkdtemp, readdir, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join, relative } from 'node:path';
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
  /** What failed, or passed only on the second try, by name. */
  told: readonly string[];
}

async function countUnit(file: string): Promise<Counts> {
  const report = JSON.parse(await readFile(file, 'utf8')) as {
    numPassedTests: number;
    numFailedTests: number;
    testResults: { name: string; assertionResults: { status: string; fullName: string }[] }[];
  };
  const told = report.testResults.flatMap(({ name, assertionResults }) =>
    assertionResults
      .filter(({ status }) => status === 'failed')
      .map(({ fullName }) => `Failed: ${relative(root, name)}: ${fullName}`),
  );
  return { passed: report.numPassedTests, failed: report.numFailedTests, told };
}

interface Suite {
  suites?: Suite[];
  specs: { file: string; title: string; tests: { status: string }[] }[];
}

const HOW_JOURNEYS_ENDED: Readonly<Record<string, string>> = {
  unexpected: 'Failed',
  flaky: 'Passed only on the second try',
};

/** The journeys of a suite that did not simply pass. */
const toldOf = ({ suites = [], specs }: Suite): string[] => [
  ...specs.flatMap(({ file, title, tests }) =>
    tests.flatMap(({ status }) => {
      const how = HOW_JOURNEYS_ENDED[status];
      return how ? [`${how}: ${file}: ${title}`] : [];
    }),
  ),
  ...suites.flatMap(toldOf),
];

async function countJourneys(file: string): Promise<Counts> {
  const { stats, suites } = JSON.parse(await readFile(file, 'utf8')) as {
    stats: { expected: number; unexpected: number; flaky: number };
    suites: Suite[];
  };
  return {
    passed: stats.expected + stats.flaky,
    failed: stats.unexpected,
    told: suites.flatMap(toldOf),
  };
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
const all = { passed: 0, failed: 0, told: [] as string[] };
const add = ({ passed, failed, told }: Counts) => {
  all.passed += passed;
  all.failed += failed;
  all.told.push(...told);
};
/** What ran is one test, which failed. */
const failed = (title: string): Counts => ({ passed: 0, failed: 1, told: [`Failed: ${title}`] });

/** A step that is no test runner counts as one test. */
async function step(title: string, ...command: [string, ...string[]]): Promise<void> {
  add((await npx(title, command)) ? { passed: 1, failed: 0, told: [] } : failed(title));
}

/** What looks at the code alone, one after the other. */
async function looking(): Promise<void> {
  await step('Types', 'tsc', '-p', '.');
  await step('Lint', 'eslint', '.');
  await step('Format', 'prettier', '--check', '.', '--log-level', 'warn');
  await step('Unused code', 'knip');
  await step('Circles of imports', 'depcruise', ...LAYERS);
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
  const counted = await countUnit(unit).catch(() => failed(title));
  // A file that cannot be read as tests fails none of them.
  add(!good && counted.failed === 0 ? { ...failed(title), passed: counted.passed } : counted);
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
  add(await countJourneys(journeys).catch(() => failed('Journeys in a browser')));
} finally {
  await template.stop();
  await rm(reports, { recursive: true, force: true });
}

console.log(`\n${((await testShare(root)) * 100).toFixed(1)} % of all lines are tests`);
if (all.told.length > 0) console.log(`\n${all.told.join('\n')}`);
console.log(`\n${all.passed} passed, ${all.failed} failed`);
process.exit(all.failed === 0 ? 0 : 1);
