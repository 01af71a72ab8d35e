import { fork } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { chromium } from '@playwright/test';
import { BROWSER } from '../e2e/browser.ts';
import { startTemplate } from '../e2e/template.ts';
import { makePool } from '../server/db/pool.ts';
import { makeServer } from '../server/app.ts';
import { buildStudio } from '../server/start/build.ts';
import { listen } from '../server/start/listen.ts';
import { addRecorded, assortmentFigures, millionFigures, withRecorded } from './assortments.ts';
import { busyFigures } from './busy.ts';
import { checkFigures } from './checks.ts';
import { contrastFigures } from './contrast.ts';
import { documentFigures } from './documents.ts';
import { table, type Figure } from './figure.ts';
import { layoutFigures } from './layouts.ts';
import { listingFigures } from './listings.ts';
import { goodsFigures } from './goods.ts';
import { importFigures } from './imports.ts';
import { searchFigures } from './search.ts';
import { tableFigures } from './tables.ts';
import { homeFigures, serveConstant, servedFigures } from './home.ts';
import { LOADS, loadFigures } from './load.ts';
import { studioFigures } from './studio.ts';

/**
 * Measures what the project promises; prints a table and writes results.json. Groups named on the command line
 * are measured alone; `million` is measured only so.
 */
const only = process.argv.slice(2);
const wants = (name: string) => (only.length ? only.includes(name) : name !== 'million');
const ofDemo = ['home', 'studio', 'served', ...LOADS, 'imports', 'layouts', 'tables', 'busy'].some(wants);

const template = await startTemplate(0.5);

/** What shoppers and the owner have of the demo store. */
async function demoFigures(): Promise<Figure[]> {
  await buildStudio(console.log);
  console.log('Making the demo store …');
  await template.seed();
  const databaseUrl = template.url.replace(/[^/]+$/, template.env.TEST_TEMPLATE!);
  const picturesFolder = template.env.TEST_PICTURES!;
  const server = await makeServer({ databaseUrl, picturesFolder, signInTries: 1000 });
  const apart = await makeServer({ databaseUrl, picturesFolder });
  serveConstant(apart);
  const url = await listen(server, '127.0.0.1', 0);
  const served = await listen(apart, '127.0.0.1', 0);
  const openBrowser = () => chromium.launch(BROWSER);
  const browser = await openBrowser();
  console.log('Measuring …');
  const figures: Figure[] = [];
  if (wants('home')) figures.push(...(await homeFigures(browser, url)));
  if (wants('studio')) figures.push(...(await studioFigures(browser, url)));
  await browser.close();
  if (wants('served')) figures.push(...(await servedFigures(served)));
  if (LOADS.some(wants) || wants('imports'))
    figures.push(...(await besideFigures(databaseUrl, picturesFolder, [...LOADS, 'imports'])));
  // Last, since it publishes another home page.
  if (wants('layouts')) {
    const another = await openBrowser();
    figures.push(...(await layoutFigures(another, url)));
    await another.close();
  }
  if (wants('tables')) {
    const another = await openBrowser();
    figures.push(...(await tableFigures(another, url)));
    await another.close();
  }
  // Of a server that has nothing else to do, as an owner's has not: this process holds two, and asks them.
  if (wants('busy')) figures.push(...(await besideFigures(databaseUrl, picturesFolder, ['busy'])));
  await server.stop();
  await apart.stop();
  return figures;
}

/** What a server in a process of its own bears. */
async function besideFigures(
  databaseUrl: string,
  picturesFolder: string,
  groups: readonly string[],
): Promise<Figure[]> {
  const has = (name: string) => groups.includes(name) && wants(name);
  const child = fork(
    fileURLToPath(new URL('./serveApart.ts', import.meta.url)),
    [databaseUrl, picturesFolder],
    {
      execArgv: ['--expose-gc', '--import', 'tsx'],
      env: { ...process.env, NODE_ENV: 'production' },
    },
  );
  const told = <T>() => new Promise<T>((resolve) => child.once('message', (said) => resolve(said as T)));
  const { origin } = await told<{ origin: string }>();
  const db = makePool(databaseUrl);
  const held = async () => {
    const answer = told<{ heldMb: number }>();
    child.send('held');
    return (await answer).heldMb;
  };
  try {
    const figures = LOADS.some(has) ? await loadFigures(origin, db, held, has) : [];
    if (has('busy')) {
      const browser = await chromium.launch(BROWSER);
      figures.push(...(await busyFigures(browser, origin)));
      await browser.close();
    }
    if (has('imports')) figures.push(...(await importFigures(origin, child.pid!)));
    return figures;
  } finally {
    child.disconnect();
    await db.end();
  }
}

try {
  const figures: Figure[] = [];
  if (wants('documents')) figures.push(...documentFigures());
  if (wants('checks')) figures.push(...checkFigures());
  if (wants('contrast')) figures.push(...contrastFigures());
  if (ofDemo) figures.push(...(await demoFigures()));
  if (wants('assortments')) figures.push(...(await assortmentFigures(template.url)));
  if (wants('listings')) figures.push(...(await listingFigures(template.url)));
  if (wants('search')) figures.push(...(await searchFigures(template.url)));
  if (wants('goods')) figures.push(...(await goodsFigures(template.url)));
  if (wants('million')) figures.push(...(await millionFigures(template.url)));
  // Figures of a part of a run are shown, but do not take the place of a whole run's.
  const file = fileURLToPath(new URL('./results.json', import.meta.url));
  if (!only.length) await withRecorded(file, figures);
  else if (wants('million')) await addRecorded(file, figures);
  console.log(`\n${table(figures)}`);
} catch (error) {
  console.error(error);
  process.exitCode = 1;
} finally {
  await template.stop();
}
process.exit();
