import type { StorePicture } from '../../core/api/pictures.ts';
import { specimenPicture } from '../../core/specimen/specimen.ts';

/** A picture of the store as its owner sees it. */
export const specimenStorePicture = (more: Partial<StorePicture> = {}): StorePicture => ({
  ...specimenPicture(),
  name: 'Jug',
  bytes: 2048,
  addedAt: '2026-11-20T10:00:00Z',
  formerFile: null,
  ...more,
});
