import type { ReactNode } from 'react';
import type { ShelfView } from '../../core/view/view.ts';
import { Grid } from './Grid.tsx';

export interface FormProps {
  shelf: ShelfView;
  eager: boolean;
  titleLevel: number;
}

/** How each form is drawn. */
export const forms: Record<ShelfView['form'], (props: FormProps) => ReactNode> = { grid: Grid };
