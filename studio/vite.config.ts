import { gzipSync } from 'node:zlib';
import { writeFile, readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import optimizeLocales from '@react-aria/optimize-locales-plugin';
import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';

/** Puts a gzipped copy beside each file that is worth it, for the server to send. */
const compressed = (): Plugin => ({
  name: 'compressed',
  async writeBundle({ dir }) {
    const assets = join(dir!, 'assets');
    for (const file of await readdir(assets))
      if (/\.(js|css|svg)$/.test(file))
        await writeFile(
          join(assets, `${file}.gz`),
          gzipSync(await readFile(join(assets, file)), { level: 9 }),
        );
  },
});

export default defineConfig({
  base: '/studio/',
  plugins: [
    // The words that controls say aloud, in the one language that the studio speaks.
    optimizeLocales.vite({ locales: ['en-US'] }),
    // A component that the compiler has to pass over draws everything in it anew at each edit: said, not passed over.
    react({ compiler: { panicThreshold: 'all_errors' } }),
    compressed(),
  ],
  build: {
    outDir: '../dist/studio',
    emptyOutDir: true,
    target: 'es2022',
    assetsInlineLimit: 0,
    rolldownOptions: {
      output: {
        // What the studio begins with goes together as far as it can: many small files are larger than a few.
        codeSplitting: { groups: [{ name: 'shared', tags: ['$initial'], minSize: 0 }] },
      },
    },
  },
  server: {
    proxy: {
      '/api': 'http://127.0.0.1:4310',
      '/pictures': 'http://127.0.0.1:4310',
      '/assets': 'http://127.0.0.1:4310',
      '/studio/frame': 'http://127.0.0.1:4310',
    },
  },
});
