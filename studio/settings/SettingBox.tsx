import type { ReactNode } from 'react';

/** A control with the id of what it sets, so that it can be found and gone to. */
export function SettingBox({ id, children }: { id: string; children: ReactNode }) {
  return <div data-setting={id}>{children}</div>;
}
