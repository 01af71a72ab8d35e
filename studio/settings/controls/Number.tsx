import { lazy, Suspense } from 'react';
import { Stepper } from '../../ui/Stepper.tsx';
import type { Controlled } from '../control.ts';

/** Fetched once something is slid. */
const SlidingNumber = lazy(() =>
  import('../../ui/SlidingNumber.tsx').then((module) => ({ default: module.SlidingNumber })),
);
/** Fetched where a number can be a step of the house. */
const StepOrNumber = lazy(() =>
  import('./StepOrNumber.tsx').then((module) => ({ default: module.StepOrNumber })),
);

/** A range of so many px is slid. */
const WIDE = 2_200;

export function NumberControl(props: Controlled<'number', number | string>) {
  const { steps } = props.control;
  if (steps)
    return (
      <Suspense fallback={<p>Opening…</p>}>
        <StepOrNumber {...props} steps={steps}>
          {typeof props.value === 'number' && <PlainNumber {...props} value={props.value} />}
        </StepOrNumber>
      </Suspense>
    );
  return <PlainNumber {...(props as Controlled<'number', number>)} />;
}

function PlainNumber({ control, label, shown, value, inherits, onChange }: Controlled<'number', number>) {
  const { least, most, step, scale } = control;
  const change = (next: number) => onChange(scale === 1 ? next : Math.round(next * scale));
  // Where a width is tried out, it is slid as well as typed.
  if (shown && most - least > WIDE)
    return (
      <SlidingNumber
        label={label}
        value={value / scale}
        least={least}
        most={most}
        step={step}
        onChange={change}
      />
    );
  return (
    <Stepper
      label={label}
      shown={shown}
      value={value / scale}
      least={least}
      most={most}
      step={step}
      inherits={inherits}
      wide={most > 99}
      onChange={change}
    />
  );
}
