import { writeFile } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';
import { chromium } from '@playwright/test';
import { startTemplate } from '../e2e/template.ts';
import { makeServer } from '../server/app.ts';
import { buildStudio } from '../server/start/build.ts';
import { listen } from '../server/start/listen.ts';
import { table, type Figure } from './figure.ts';
import { homeFigures, serveConstant, servedFigures } from './home.ts';
import { studioFigures } from './studio.ts';

/** Measures what the project promises, on the demo store; prints a table and writes results.json. */
/** Groups named on the command line, or all. */
const only = process.argv.slice(2);

await buildStudio(console.log);
console.log('Making the demo store …');
const template = await startTemplate(0.5);
try {
  await template.seed();
  const databaseUrl = template.url.replace(/[^/]+$/, template.env.TEST_TEMPLATE!);
  const server = await makeServer({
    databaseUrl,
    picturesFolder: template.env.TEST_PICTURES!,
    signInTries: 1000,
  });
  const bytes = (await server.parts.live.get()) ? Buffer.byteLength((await server.app.inject('/')).body) : 0;
  const apart = await makeServer({ databaseUrl, picturesFolder: template.env.TEST_PICTURES! });
  serveConstant(apart, bytes);
  const url = await listen(server, '127.0.0.1', 0);
  const served = await listen(apart, '127.0.0.1', 0);
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-background-networking'],
  });
  console.log('Measuring …');
  const groups: Record<string, () => Promise<Figure[]>> = {
    home: () => homeFigures(browser, url),
    studio: () => studioFigures(browser, url),
    served: () => servedFigures(served, bytes),
  };
  const figures: Figure[] = [];
  for (const [name, measure] of Object.entries(groups))
    if (!only.length || only.includes(name)) figures.push(...(await measure()));
  await browser.close();
  await server.stop();
  await apart.stop();
  await writeFile(
    fileURLToPath(new URL('./results.json', import.meta.url)),
    `${JSON.stringify(figures, null, 2)}\n`,
  );
  console.log(`\n${table(figures)}`);
} catch (error) {
  console.error(error);
  process.exitCode = 1;
} finally {
  await template.stop();
}
process.exit();
