import { lazy, Suspense, type ComponentType } from 'react';
import type { Control, ValueKind } from '../../../core/settings/valueKind.ts';
import type { ControlProps } from '../control.ts';
import { ChoiceControl } from './Choice.tsx';
import { LinkControl } from './Link.tsx';
import { OptionControl } from './Option.tsx';
import { NumberControl } from './Number.tsx';
import { PictureSizeControl } from './PictureSize.tsx';
import { RatioControl } from './Ratio.tsx';
import { SwitchControl } from './Switch.tsx';
import { TextControl } from './Text.tsx';

type Props<K extends Control['is']> = ControlProps<K> & { kind: ValueKind<unknown> };

/** Fetched once a colour is to be chosen. */
const ColourControl = lazy(() =>
  import('./Colour.tsx').then((module) => ({ default: module.ColourControl })),
) as ComponentType<Props<'colour'>>;

/** Fetched once a picture is to be chosen. */
const PictureControl = lazy(() =>
  import('./Picture.tsx').then((module) => ({ default: module.PictureControl })),
) as ComponentType<Props<'picture'>>;

/** Fetched once a time is to be set. */
const TimeControl = lazy(() =>
  import('./Time.tsx').then((module) => ({ default: module.TimeControl })),
) as ComponentType<Props<'time'>>;

/** The usual control of each kind of value; one that is missing does not compile. */
const controls: { [K in Exclude<Control['is'], 'none'>]: ComponentType<Props<K>> } = {
  number: NumberControl,
  choice: ChoiceControl,
  switch: SwitchControl,
  text: TextControl,
  link: LinkControl,
  colour: ColourControl,
  picture: PictureControl,
  option: OptionControl,
  ratio: RatioControl,
  pictureSize: PictureSizeControl,
  time: TimeControl,
};

export interface ValueControlProps {
  kind: ValueKind<unknown>;
  label: string;
  shown?: boolean;
  value: unknown;
  inherits?: boolean;
  onChange(value: unknown): void;
}

/** The usual control of a value; nothing for a kind that is set by a control of its own. */
export function ValueControl({ kind, shown = true, inherits = false, ...rest }: ValueControlProps) {
  const { control } = kind;
  if (control.is === 'none') return null;
  const Usual = controls[control.is] as unknown as ComponentType<object & { control: Control }>;
  return (
    <Suspense fallback={<p>Opening…</p>}>
      <Usual {...{ kind, shown, inherits, ...rest }} control={control} />
    </Suspense>
  );
}
