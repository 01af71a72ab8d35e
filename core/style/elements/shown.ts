import type { ReadSetting } from '../../settings/setting.ts';

/** Whether a card shows a part at some width. */
export const showsPart =
  (...ids: readonly string[]) =>
  (read: ReadSetting): boolean =>
    ids.some((id) => Object.values(read(`card.parts.${id}.shown`) ?? {}).includes(true));
