import { Suspense } from 'react';
import type { Bands } from '../../core/bands/bands.ts';
import type { Of } from '../../core/assortment/of.ts';
import type { Shelf } from '../../core/plan/shelf.ts';
import type { Subject, Target } from '../../core/plan/target.ts';
import { readPath } from '../../core/settings/path.ts';
import type { LineId, PlacedSetting } from '../../core/settings/setting.ts';
import type { PageView, ShelfView } from '../../core/view/view.ts';
import { ownControls, togetherControls } from './own/index.ts';
import { shownNow } from './shownNow.ts';
import { SettingControl } from './SettingControl.tsx';
import { WhereItHolds } from './WhereItHolds.tsx';

export interface LineSettingsProps {
  line: LineId;
  on: Target;
  subject: Subject;
  /** The same, complete. */
  document: object;
  bands: Bands;
  shelf: Shelf | null;
  /** What the shelf shows; null for a bay or a page. */
  of: Of | null;
  view: ShelfView | null;
  page: PageView;
  bayId: string;
  /** A setting that was gone to; shown also where it has no effect, with the reason. */
  wanted: string | null;
}

/** Every setting of a line that has an effect now, by the control of its own or the usual one. */
export function LineSettings({
  line,
  on,
  subject,
  document,
  bands,
  shelf,
  of,
  wanted,
  ...drawn
}: LineSettingsProps) {
  const shown = shownNow(drawn.view, drawn.page, drawn.bayId);
  const fits = ({ items }: PlacedSetting) => !items || of === null || items.includes(of);
  const settings = subject.settings.filter((one) => one.line === line && fits(one));
  const together = togetherControls.map(({ Control, covers }) => ({ Control, of: settings.filter(covers) }));
  const covered = new Set([
    ...settings.flatMap((one) =>
      ownControls[one.id]?.covers ? settings.filter(ownControls[one.id]!.covers!) : [],
    ),
    ...together.flatMap(({ of: all }) => all.slice(1)),
  ]);
  return settings.map((one) => {
    if (covered.has(one)) return null;
    const own = ownControls[one.id] ?? together.find((each) => each.of[0] === one);
    if (!own && one.kind.control.is === 'none') return null;
    return (
      <WhereItHolds key={one.id} setting={one} {...{ document, shelf, bands, wanted, shown }}>
        {(at) =>
          own ? (
            <Suspense fallback={<p>Opening…</p>}>
              <own.Control
                {...{ on, at, shelf, wanted, ...drawn }}
                setting={one}
                value={readPath(document, one.id) as never}
              />
            </Suspense>
          ) : (
            <SettingControl on={on} setting={one} value={readPath(document, one.id)} at={at} />
          )
        }
      </WhereItHolds>
    );
  });
}
