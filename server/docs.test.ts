import { readFile, readdir } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';

const at = (path: string) => fileURLToPath(new URL(`../${path}`, import.meta.url));
const text = (path: string) => readFile(at(path), 'utf8');

describe('the documents', () => {
  it('show every main view, and no other', async () => {
    const views = [...(await text('e2e/mainViews.ts')).matchAll(/name: '([a-z-]+)'/g)].map(
      ([, name]) => name,
    );
    const files = (await readdir(at('docs/screenshots'))).map((file) => file.replace(/\.png$/, ''));
    expect(files.sort()).toEqual([...views].sort());
    const readme = await text('README.md');
    for (const name of views) expect(readme).toContain(`docs/screenshots/${name}.png`);
  });

  it('name only commands that there are', async () => {
    const { scripts } = JSON.parse(await text('package.json')) as { scripts: Record<string, string> };
    const named = [...(await text('README.md')).matchAll(/npm run ([a-z]+)/g)].map(([, name]) => name!);
    expect(named.length).toBeGreaterThan(2);
    for (const name of named) expect(scripts).toHaveProperty(name);
  });

  it('speak for each need once', async () => {
    const ids = [
      ...(await text('docs/needs.md')).matchAll(/^\| ([A-Z]+-\d+) \| .+ \| (met|in part|not yet).* \|$/gm),
    ].map(([, id]) => id);
    expect(ids.length).toBeGreaterThan(400);
    expect(new Set(ids).size).toBe(ids.length);
  });
});
