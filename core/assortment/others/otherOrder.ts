import { object, string } from '../../schema/schema.ts';
import { own } from '../../settings/values.ts';
import { setting } from '../../settings/setting.ts';
import { otherOrderWords } from '../say.ts';

/** The order of an assortment of other things than products: one of a few. */
export const otherOrder = <B extends string>(bys: readonly B[], first: NoInfer<B>) =>
  setting(
    own<{ by: B }>(
      object({ by: string().oneOf(bys).required() })
        .noUnknown()
        .required(),
      ({ by }) => otherOrderWords[by]!,
    ),
    { by: first },
    { name: 'Order', find: ['order', 'sort', 'newest', 'oldest', 'name', 'title'] },
  );
