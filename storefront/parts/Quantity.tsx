import { QuantityField } from '../QuantityField.tsx';
import type { PartDrawing } from './partDrawing.ts';

export const drawQuantity: PartDrawing<'quantity'> = ({ label, most }, { formId }) => (
  <div className="part-quantity">
    <QuantityField label={label} most={most} form={formId} />
  </div>
);
