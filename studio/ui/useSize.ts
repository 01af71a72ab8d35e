import { useEffect, useState } from 'react';

/** The size of an element, px, as it is now; 0 until it is there. */
export function useSize(): [(element: HTMLElement | null) => void, { width: number; height: number }] {
  const [element, setElement] = useState<HTMLElement | null>(null);
  const [size, setSize] = useState({ width: 0, height: 0 });
  useEffect(() => {
    if (!element) return undefined;
    const watch = new ResizeObserver(([entry]) => {
      const { width, height } = entry!.contentRect;
      setSize({ width, height });
    });
    watch.observe(element);
    return () => watch.disconnect();
  }, [element]);
  return [setElement, size];
}
