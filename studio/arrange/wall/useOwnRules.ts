import { useEffect, useMemo, useState } from 'react';
import type { rulesStyles } from '../../../core/rules/rulesStyles.ts';
import { hasRules } from '../../../core/rules/hasRules.ts';
import type { PageView } from '../../../core/view/view.ts';

type Styles = typeof rulesStyles;

let read: Styles | null = null;

const fetched = async (): Promise<Styles> =>
  (read ??= (await import('../../../core/rules/rulesStyles.ts')).rulesStyles);

/** Style sheet text of the own rules of a page, in pieces; what reads them is fetched once there are any. */
export function useOwnRules(view: PageView): ReadonlyMap<string, string> | null {
  const [styles, setStyles] = useState(() => read);
  const has = hasRules(view);
  const isMissing = has && !styles;
  useEffect(() => {
    if (!isMissing) return undefined;
    let isWanted = true;
    void fetched().then((styles) => {
      if (isWanted) setStyles(() => styles);
    });
    return () => {
      isWanted = false;
    };
  }, [isMissing]);
  return useMemo(() => (has && styles ? styles(view) : null), [has, styles, view]);
}
