import { lazy, type ComponentType } from 'react';
import type { LineId } from '../../../../core/plan/settings/setting.ts';
import { Across } from './Across.tsx';
import type { LineProps } from './controls.tsx';

/** Controls of a line that are fetched once it is opened. */
const later = <N extends string>(load: () => Promise<Record<N, ComponentType<LineProps>>>, name: N) =>
  lazy(() => load().then((module) => ({ default: module[name] })));

const content = () => import('./Content.tsx');

/** Controls of each line of the spec; core/plan/lines.ts says its sentence under the same id. */
export const lineControls: Partial<Record<LineId, ComponentType<LineProps>>> = {
  says: later(content, 'Says'),
  picture: later(content, 'PictureLine'),
  leadsTo: later(content, 'LeadsTo'),
  shows: later(() => import('./Shows.tsx'), 'Shows'),
  form: later(() => import('./Form.tsx'), 'Form'),
  // The one that is open at first.
  across: Across,
  card: later(() => import('./Card.tsx'), 'Card'),
  look: later(() => import('./Look.tsx'), 'Look'),
  when: later(() => import('./When.tsx'), 'When'),
};
