import { layoutKind } from '../layouts/index.ts';
import type { StepView } from './view.ts';

/** Texts stand on the picture at this step. */
export const textsOver = (step: StepView): boolean =>
  step.hasPicture && (layoutKind(step.layout).card === 'ground' || step.placing.reach > 0);
