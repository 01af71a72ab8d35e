import { memo } from 'react';
import type { Of } from '../../../core/assortment/of.ts';
import { effectOf } from '../../../core/plan/effect.ts';
import { findSettings } from '../../../core/settings/find.ts';
import type { LineId } from '../../../core/settings/setting.ts';
import type { Line } from '../../../core/spec/line.ts';
import { useStudio } from '../../studioContext.tsx';
import { Search } from '../../ui/Search.tsx';
import { aboutOf } from './about.ts';

interface FindSettingProps {
  pageId: string;
  bayId: string;
  shelfId: string | null;
  lines: readonly Line[];
  of: Of | null;
  openLine(line: LineId, setting: string): void;
}

/**
 * Type to find any setting of what is chosen; its line opens at its control. What there is is read once somebody types,
 * so that no edit draws it anew.
 */
export const FindSetting = memo(function FindSetting({
  pageId,
  bayId,
  shelfId,
  lines,
  of,
  openLine,
}: FindSettingProps) {
  const { draft } = useStudio();
  const offered = () => {
    const { plan, draft: stored } = draft.getState();
    const page = plan.pages[pageId];
    const bay = page?.bays.find(({ id }) => id === bayId);
    if (!page || !bay) return [];
    return aboutOf(stored, plan, page, bay, (shelfId !== null && plan.shelves[shelfId]) || null).flatMap(
      ({ subject, document, shelf }) =>
        subject.settings
          .filter(
            (one) =>
              lines.some(({ id }) => id === one.line) &&
              (!one.items || of === null || one.items.includes(of)),
          )
          .map((one) => ({ one, reason: () => effectOf(one, document, shelf, plan.house.bands).reason })),
    );
  };
  return (
    <Search
      label="Find a setting"
      shown={false}
      stays={false}
      placeholder="Find a setting: gap, price, order…"
      find={(typed) => {
        if (!typed) return [];
        const all = offered();
        const found = findSettings(
          typed,
          all.map(({ one }) => one),
        );
        // What has no effect now is told of, so that nobody looks for it in vain.
        return found
          .map((one) => {
            const reason = all.find((other) => other.one === one)!.reason();
            return {
              id: `${one.on}:${one.id}`,
              words: one.name,
              aside: reason ?? lines.find((line) => line.id === one.line)?.name ?? '',
              off: reason !== null,
            };
          })
          .sort((a, b) => Number(a.off) - Number(b.off));
      }}
      onChoose={(id) => {
        const found = offered().find(({ one }) => `${one.on}:${one.id}` === id)?.one;
        if (found) openLine(found.line, found.id);
      }}
    />
  );
});
