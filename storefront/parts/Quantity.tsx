import { quantityField } from '../../core/table/rowsForm.ts';
import { QuantityField } from '../QuantityField.tsx';
import type { PartDrawing } from './partDrawing.ts';

export const drawQuantity: PartDrawing<'quantity'> = ({ variantId, label, most }, { formId, rowsFormId }) => (
  <div className="part-quantity">
    {rowsFormId ? (
      <QuantityField
        label={label}
        most={most}
        form={rowsFormId}
        name={quantityField(variantId)}
        least={0}
        value={null}
      />
    ) : (
      <QuantityField label={label} most={most} form={formId} />
    )}
  </div>
);
