import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';

const OURS = ['core', 'storefront', 'studio', 'server', 'demo', 'e2e', 'bench'];

const isTest = (file: string) => /\.test\.tsx?$/.test(file) || file.startsWith('e2e/');

/** How many of all lines of TypeScript under a folder are tests, from 0 to 1. */
export async function testShare(root: string): Promise<number> {
  let [tests, all] = [0, 0];
  for (const folder of OURS)
    for (const one of await readdir(join(root, folder), { recursive: true })) {
      const file = `${folder}/${one}`;
      if (!/\.tsx?$/.test(file) || file.includes('/dist/')) continue;
      const lines = (await readFile(join(root, file), 'utf8')).split('\n').length - 1;
      all += lines;
      if (isTest(file)) tests += lines;
    }
  return tests / all;
}
