import { SaveForm } from '../SaveForm.tsx';
import type { PartDrawing } from './partDrawing.ts';

export const drawSave: PartDrawing<'save'> = ({ part: _, ...saving }) => <SaveForm {...saving} />;
