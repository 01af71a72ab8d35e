import { useCallback, useEffect, useMemo, useRef } from 'react';
import { keepInSight, scrollToSpot, showBay, showPart, spotOf } from './together.ts';

export interface Together {
  /** For each frame, told of its document. */
  keeper(standId: string): (document: Document | null) => void;
}

/**
 * Frames scroll together: whichever is scrolled, the others follow to the same spot of the same bay.
 * @param within selector of what of the chosen bay is being set, which is kept in sight; null for the bay itself
 */
export function useTogether(
  standIds: readonly string[],
  bayId: string | null,
  scale: number,
  near: string | null,
  settled: boolean,
  within: string | null,
): Together {
  const documents = useRef(new Map<string, Document>());
  const following = useRef(false);
  const chosen = useRef<string | null>(null);
  const listeners = useRef(new Map<string, () => void>());
  const quietly = useCallback((act: () => void) => {
    following.current = true;
    act();
    requestAnimationFrame(() => requestAnimationFrame(() => (following.current = false)));
  }, []);
  const follow = useCallback(
    (from: string) => {
      const lead = documents.current.get(from);
      if (following.current || !lead) return;
      const spot = spotOf(lead);
      if (!spot) return;
      quietly(() => {
        for (const [id, document] of documents.current) if (id !== from) scrollToSpot(document, spot);
      });
    },
    [quietly],
  );
  const keep = useCallback(
    (id: string) => (document: Document | null) => {
      listeners.current.get(id)?.();
      listeners.current.delete(id);
      if (!document) {
        documents.current.delete(id);
        return;
      }
      documents.current.set(id, document);
      const onScroll = () => follow(id);
      document.addEventListener('scroll', onScroll, { passive: true });
      listeners.current.set(id, () => document.removeEventListener('scroll', onScroll));
      // A frame that opens opens at the chosen bay.
      if (chosen.current) keepInSight(document, chosen.current);
    },
    [follow],
  );
  const ids = standIds.join(' ');
  const keepers = useMemo(() => new Map(ids.split(' ').map((id) => [id, keep(id)])), [ids, keep]);
  useEffect(() => {
    chosen.current = bayId;
    if (!bayId) return;
    quietly(() => {
      for (const document of documents.current.values()) showBay(document, bayId, scale);
    });
  }, [bayId, scale, quietly]);
  // What is being set is in sight, and the bay again afterwards.
  const was = useRef(within);
  useEffect(() => {
    if (!chosen.current || within === was.current) return;
    was.current = within;
    quietly(() => {
      for (const document of documents.current.values())
        if (within === null) showBay(document, chosen.current!, scale);
        else showPart(document, chosen.current!, within);
    });
  }, [within, scale, quietly]);
  // What comes in later moves what is below it.
  useEffect(() => {
    if (!settled || !chosen.current) return;
    quietly(() => {
      for (const document of documents.current.values()) keepInSight(document, chosen.current!);
    });
  }, [settled, ids, quietly]);
  // One that is brought near, or leaves that again, is as high as before, but shows less of the page.
  useEffect(() => {
    if (chosen.current)
      for (const document of documents.current.values()) keepInSight(document, chosen.current);
  }, [near]);
  return { keeper: (id) => keepers.get(id) ?? keep(id) };
}
