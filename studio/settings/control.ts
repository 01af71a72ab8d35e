import type { Control } from '../../core/settings/valueKind.ts';

/** What a control of one value is given. */
export interface ControlProps<K extends Control['is']> {
  control: Extract<Control, { is: K }>;
  label: string;
  /** Drawn with its label; else only named. */
  shown: boolean;
  value: never;
  /** Not set here: taken from somewhere else. */
  inherits: boolean;
  onChange(value: unknown): void;
}

/** The same with its value's type, as each control knows it. */
export type Controlled<K extends Control['is'], V> = Omit<ControlProps<K>, 'value'> & { value: V };
