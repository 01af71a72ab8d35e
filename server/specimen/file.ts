import type { StoredFile } from '../pictures/ingest.ts';

/** A stored file that is made up: its id is one character 64 times. */
export const specimenFile = (id: string, more: Partial<StoredFile> = {}): StoredFile => ({
  id: id.repeat(64),
  width: 800,
  height: 1000,
  bytes: Buffer.alloc(0),
  dominant: '#888888',
  seeThrough: false,
  placeholder: '',
  grid: [],
  ...more,
});
