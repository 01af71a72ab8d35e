import type { ReactNode } from 'react';
import type { Bands } from '../../core/bands/bands.ts';
import { effectOf } from '../../core/plan/effect.ts';
import type { Shelf } from '../../core/plan/shelf.ts';
import { readPath } from '../../core/settings/path.ts';
import type { PlacedSetting, Shown } from '../../core/settings/setting.ts';
import { Hint } from './Stack.tsx';

interface WhereItHoldsProps {
  setting: PlacedSetting;
  /** What it is set on, complete. */
  document: object;
  shelf: Shelf | null;
  bands: Bands;
  wanted: string | null;
  /** What is shown now, where a setting may have no effect with it. */
  shown?: Shown | null;
  /** @param at ids of the bands at which it has an effect */
  children(at: readonly string[]): ReactNode;
}

/** A setting where it has an effect now; one that was gone to also where it has none, with the reason. */
export function WhereItHolds({
  setting,
  document,
  shelf,
  bands,
  wanted,
  shown = null,
  children,
}: WhereItHoldsProps) {
  const { reason, at } = effectOf(setting, document, shelf, bands);
  const off = reason !== null;
  if (off && wanted !== setting.id) return null;
  const idle = (shown && setting.idle?.(shown, (id) => readPath(document, id))) ?? null;
  return (
    <div data-off={off || undefined}>
      {off && <Hint role="note">Has no effect now: {reason}.</Hint>}
      {!off && idle !== null && <Hint role="note">Has no effect now: {idle}.</Hint>}
      {children(off ? bands.map(({ id }) => id) : at)}
    </div>
  );
}
