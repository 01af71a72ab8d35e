import { Label, Slider, SliderThumb, SliderTrack } from 'react-aria-components';
import styled from 'styled-components';
import { Stepper, type StepperProps } from './Stepper.tsx';
import { t } from './theme.ts';

const SliderBox = styled(Slider)`
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: center;
  gap: 6px 12px;
  > label {
    grid-column: 1 / -1;
  }
  .react-aria-SliderTrack {
    height: 28px;
    position: relative;
  }
  .react-aria-SliderTrack::before {
    content: '';
    position: absolute;
    inset: 12px 0;
    border-radius: 2px;
    background: ${t.edge};
  }
  .react-aria-SliderThumb {
    top: 50%;
    width: 18px;
    height: 18px;
    border-radius: 50%;
    background: #fff;
    border: 2px solid ${t.pine};
  }
  .react-aria-SliderThumb[data-focus-visible] {
    outline: 2px solid ${t.pine};
    outline-offset: 2px;
  }
`;

export type SlidingNumberProps = Omit<StepperProps, 'shown' | 'inherits' | 'wide'>;

/** A number that is slid or typed. */
export function SlidingNumber({ label, value, least, most, step = 1, onChange }: SlidingNumberProps) {
  return (
    <SliderBox
      value={value}
      minValue={least}
      maxValue={most}
      step={step}
      onChange={(next) => onChange(next as number)}
    >
      <Label>{label}</Label>
      <SliderTrack>
        <SliderThumb />
      </SliderTrack>
      <Stepper label={label} value={value} least={least} most={most} step={step} wide onChange={onChange} />
    </SliderBox>
  );
}
