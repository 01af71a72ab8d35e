import { existsSync } from 'node:fs';
import { readdir, stat } from 'node:fs/promises';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('../..', import.meta.url));

async function newestIn(folder: string): Promise<number> {
  const entries = await readdir(folder, { withFileTypes: true });
  const times = await Promise.all(
    entries.map((entry) => {
      const path = join(folder, entry.name);
      return entry.isDirectory() ? newestIn(path) : stat(path).then(({ mtimeMs }) => mtimeMs);
    }),
  );
  return Math.max(0, ...times);
}

/** Builds the studio and the script of public pages, unless what is built is newer than everything it is made from. */
export async function buildStudio(log: (line: string) => void): Promise<void> {
  const index = join(root, 'dist', 'studio', 'index.html');
  const sources = await Promise.all(
    ['core', 'storefront', 'studio'].map((folder) => newestIn(join(root, folder))),
  );
  const lock = (await stat(join(root, 'package-lock.json'))).mtimeMs;
  if (existsSync(index) && (await stat(index)).mtimeMs > Math.max(lock, ...sources)) return;
  log('Building the studio …');
  const { build } = await import('vite');
  await build({
    root: join(root, 'studio'),
    configFile: join(root, 'studio', 'vite.config.ts'),
    logLevel: 'error',
  });
  await build({
    root: join(root, 'storefront'),
    configFile: false,
    logLevel: 'error',
    build: {
      outDir: join(root, 'dist', 'enhance'),
      emptyOutDir: true,
      target: 'es2022',
      // Pieces that only some pages use are fetched by the script when they are needed.
      modulePreload: false,
      lib: {
        entry: join(root, 'storefront', 'enhance', 'index.ts'),
        formats: ['es'],
        fileName: () => 'enhance-[hash].js',
      },
      rolldownOptions: {
        preserveEntrySignatures: false,
        output: { chunkFileNames: '[name]-[hash].js', minify: true },
      },
    },
  });
}
