/** Id of the form by which rows of a table are put into the basket. */
export const rowsForm = (shelfId: string): string => `rows-${shelfId}`;

/** In that form, the field that says how many of a variant; and the button that adds the row of one alone. */
export const quantityField = (variantId: number): string => `quantity-${variantId}`;
export const ONLY_FIELD = 'only';

const QUANTITY = /^quantity-([1-9]\d{0,9})$/;

/** The variant that a field of the form is about; null where it is about none. */
export const variantOf = (field: string): number | null => {
  const found = QUANTITY.exec(field);
  return found ? Number(found[1]) : null;
};
