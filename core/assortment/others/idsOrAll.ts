import { array, idSchema } from '../../schema/schema.ts';
import { counted } from '../../sentence/sentence.ts';
import { inParts, own } from '../../settings/values.ts';
import { setting } from '../../settings/setting.ts';
import { ofWords, type Of } from '../of.ts';

/** Hand-picked ones, or all of them (null). */
export const idsOrAll = (of: Of) =>
  setting(
    inParts(
      own<number[] | null>(array(idSchema).max(200).nullable().defined(), (ids) =>
        ids === null ? 'all of them' : counted(ids.length, 'hand-picked one'),
      ),
    ),
    null,
    { name: `Which ${ofWords[of].many}`, find: ['hand-picked', 'which', 'collections', 'entries'] },
  );
