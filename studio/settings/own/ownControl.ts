import type { ComponentType } from 'react';
import type { Shelf } from '../../../core/plan/shelf.ts';
import type { Target } from '../../../core/plan/target.ts';
import type { PlacedSetting } from '../../../core/settings/setting.ts';
import type { PageView, ShelfView } from '../../../core/view/view.ts';

/** What a control of a setting's own is given. */
export interface OwnControlProps {
  on: Target;
  setting: PlacedSetting;
  value: never;
  at: readonly string[];
  /** The shelf that is set, complete; null for a bay or a page. */
  shelf: Shelf | null;
  /** As it is drawn; null where it is not. */
  view: ShelfView | null;
  page: PageView;
  bayId: string;
  /** A setting that was gone to. */
  wanted: string | null;
}

/** A control for a setting for which the usual one does not do. */
export interface OwnControl {
  Control: ComponentType<OwnControlProps>;
  /** Other settings that it sets as well. */
  covers?(one: PlacedSetting): boolean;
}
