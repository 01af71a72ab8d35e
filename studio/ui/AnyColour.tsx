import {
  ColorArea,
  ColorField,
  ColorPicker,
  ColorSlider,
  ColorThumb,
  Dialog,
  Input,
  Label,
  parseColor,
  SliderTrack,
} from 'react-aria-components';
import styled from 'styled-components';
import type { Against } from '../../core/colour/passingArea.ts';
import { listed } from '../../core/sentence/sentence.ts';
import { FailingPart } from './FailingPart.tsx';
import { t } from './theme.ts';

const Sheet = styled(Dialog)`
  outline: none;
  padding: 10px;
  display: grid;
  gap: 10px;
  .react-aria-ColorArea {
    width: 200px;
    height: 130px;
    border-radius: 5px;
  }
  .react-aria-SliderTrack {
    height: 22px;
    width: 200px;
    border-radius: 5px;
  }
  .react-aria-ColorThumb {
    width: 18px;
    height: 18px;
    border: 2px solid #fff;
    border-radius: 50%;
    box-shadow: 0 0 0 1px ${t.ink};
  }
  .react-aria-SliderTrack .react-aria-ColorThumb {
    top: 50%;
  }
  .against {
    font-size: 12px;
    color: ${t.ink2};
    max-width: 200px;
  }
  input {
    border: 1px solid ${t.edge};
    border-radius: ${t.corner};
    padding: 4px 8px;
    width: 100%;
    font-family: ${t.measures};
  }
`;

/** Any colour, picked or typed. */
export function AnyColour({
  label,
  value,
  against = null,
  onChange,
}: {
  label: string;
  /** #rrggbb */
  value: string;
  /** What does not stand out from it is hatched. */
  against?: Against | null;
  onChange(value: string): void;
}) {
  return (
    <ColorPicker
      value={parseColor(value)}
      onChange={(colour) => onChange(colour.toString('hex').toLowerCase())}
    >
      <Sheet aria-label={`${label}: any colour`}>
        <ColorArea colorSpace="hsb" xChannel="saturation" yChannel="brightness">
          {against && <FailingPart against={against} />}
          <ColorThumb />
        </ColorArea>
        {against && (
          <p className="against">
            Hatched: less than {against.need}:1 against {listed(against.grounds)}
          </p>
        )}
        <ColorSlider colorSpace="hsb" channel="hue" aria-label="Hue">
          <SliderTrack>
            <ColorThumb />
          </SliderTrack>
        </ColorSlider>
        <ColorField>
          <Label>Code</Label>
          <Input />
        </ColorField>
      </Sheet>
    </ColorPicker>
  );
}
