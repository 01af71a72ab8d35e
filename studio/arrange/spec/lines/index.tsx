import { lazy, type ComponentType } from 'react';
import type { LineId } from '../../../../core/plan/settings/setting.ts';
import { Across } from './Across.tsx';
import { Card } from './Card.tsx';
import { LeadsTo, PictureLine, Says } from './Content.tsx';
import type { LineProps } from './controls.tsx';
import { Form } from './Form.tsx';
import { Look } from './Look.tsx';
import { When } from './When.tsx';

/** The rules and all that they are made of are fetched once they are opened. */
const Shows = lazy(() => import('./Shows.tsx').then(({ Shows: line }) => ({ default: line })));

/** Controls of each line of the spec; core/plan/lines.ts says its sentence under the same id. */
export const lineControls: Partial<Record<LineId, ComponentType<LineProps>>> = {
  says: Says,
  picture: PictureLine,
  leadsTo: LeadsTo,
  shows: Shows,
  form: Form,
  across: Across,
  card: Card,
  look: Look,
  when: When,
};
