import { Fault } from '../faults.ts';

/** Refuses what would be kept in the catalogue, where there is something wrong with it. */
export function refuse(fault: string | null): void {
  if (fault !== null) throw new Fault('goods-faulty', { message: fault });
}
