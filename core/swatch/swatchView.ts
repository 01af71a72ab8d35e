import type {
  OptionFacts,
  OptionValueFacts,
  PictureFacts,
  PriceFacts,
  ProductFacts,
} from '../catalogue/facts.ts';
import type { StoreTexts } from '../texts/storeTexts.ts';
import { swatchFace, type SwatchFace } from './swatchFace.ts';
import type { ShownBy, StoreSwatch } from './storeSwatch.ts';

/** A value of an option as a page shows it: a link to the variant that has it. */
export interface SwatchView {
  name: string;
  /** The same as it is said aloud, with what else there is to know. */
  said: string;
  face: SwatchFace;
  href: string;
  available: boolean;
  chosen: boolean;
  photograph: PictureFacts | null;
  price: PriceFacts;
}

interface Making {
  texts: StoreTexts;
  swatches: readonly StoreSwatch[];
}

const viewOf = (
  path: string,
  value: OptionValueFacts,
  by: ShownBy | null,
  { texts, swatches }: Making,
): SwatchView => {
  const set = swatches.find(({ id }) => id === String(value.id));
  return {
    name: value.name,
    said: value.available ? value.name : texts.valueSoldOut(value.name),
    face: swatchFace(value, set, by),
    href: `${path}?variant=${value.variantId}`,
    available: value.available,
    chosen: value.chosen,
    photograph: value.photograph,
    price: value.price,
  };
};

/** The one value that has no photograph of its own is the one that its product is pictured with. */
function withOwnPicture(values: readonly OptionValueFacts[], own: PictureFacts | undefined) {
  const without = values.filter(({ photograph }) => photograph === null);
  return without.length === 1 && own
    ? values.map((value) => (value === without[0] ? { ...value, photograph: own } : value))
    : values;
}

/**
 * The values of an option of a product.
 * @param path of the page that shows the product with a value chosen
 * @param by what all of them are shown by; null for what each is shown by in the store
 */
export const swatchViews = (
  { slug, pictures }: Pick<ProductFacts, 'slug' | 'pictures'>,
  { values }: OptionFacts,
  by: ShownBy | null,
  making: Making,
  path = `/product/${slug}`,
): SwatchView[] => withOwnPicture(values, pictures[0]).map((value) => viewOf(path, value, by, making));
