import { ImportWork } from '../exchange/importWork.ts';
import { StoreWork } from '../wholeStore/storeWork.ts';
import type { WorkKind, Workshop } from './workKind.ts';

/** Every kind of long work; to add one, list it here. */
export const workKinds = (shop: Workshop): readonly WorkKind[] => [new ImportWork(shop), new StoreWork(shop)];
