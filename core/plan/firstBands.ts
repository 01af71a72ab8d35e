import type { Band } from '../bands/bands.ts';

/** Bands a store begins with (calculations §1). */
export const firstBands: readonly Band[] = [
  { id: 'phone', name: 'Phone', from: 0, nominal: { width: 375, height: 720 } },
  { id: 'tablet', name: 'Tablet', from: 560, nominal: { width: 800, height: 1080 } },
  { id: 'laptop', name: 'Laptop', from: 880, nominal: { width: 1180, height: 740 } },
  { id: 'wide', name: 'Wide', from: 1240, nominal: { width: 1440, height: 860 } },
];
