import { newSince } from '../assortment/clauses/new.ts';
import type { PictureFacts } from '../catalogue/facts.ts';
import type { CardStore } from '../catalogue/cardStore.ts';
import { currencyOf } from '../catalogue/currencyOf.ts';
import { storeDay } from '../catalogue/storeTime.ts';
import { picturesOfStore } from '../plan/picturesNamed.ts';
import type { House } from '../plan/house.ts';

/** What of a page reaches its cards. */
interface Around extends Pick<CardStore, 'saved' | 'saves'> {
  /** Stored pictures by id. */
  pictures(id: string): PictureFacts | undefined;
}

/** @param now UTC ms */
export const cardStoreOf = (
  house: House,
  now: number,
  { pictures, ...keeping }: Around = { saved: [], saves: false, pictures: () => undefined },
): CardStore => ({
  ...keeping,
  currency: currencyOf(house),
  wording: { locale: house.locale, texts: house.texts },
  selling: house.selling,
  timeZone: house.timeZone,
  labels: house.labels,
  groups: house.groups,
  pictures: picturesOfStore(house).flatMap((id) => pictures(id) ?? []),
  pictureSizes: house.pictureSizes,
  swatches: house.swatches,
  newSince: newSince(
    { is: 'new', days: null },
    {
      today: storeDay(now, house.timeZone),
      newForDays: house.newForDays,
      timeZone: house.timeZone,
    },
  ),
});
