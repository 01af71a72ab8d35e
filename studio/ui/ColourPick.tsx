import {
  Button,
  ColorArea,
  ColorField,
  ColorPicker,
  ColorSlider,
  ColorThumb,
  DialogTrigger,
  Dialog,
  Input,
  Label,
  parseColor,
  SliderTrack,
} from 'react-aria-components';
import styled from 'styled-components';
import { PopoverBox } from './Pick.tsx';
import { t } from './theme.ts';

const Row = styled.div`
  display: flex;
  align-items: center;
  gap: 6px;
  flex-wrap: wrap;
  margin-top: 4px;
  > button {
    height: 28px;
    min-width: 28px;
    border: 1px solid ${t.edge};
    border-radius: ${t.corner};
    cursor: pointer;
    padding: 0 8px;
    background: #fff;
  }
  > button[data-chosen] {
    outline: 2px solid ${t.pine};
    outline-offset: 1px;
  }
`;

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
  input {
    border: 1px solid ${t.edge};
    border-radius: ${t.corner};
    padding: 4px 8px;
    width: 100%;
    font-family: ${t.measures};
  }
`;

export interface ColourPickProps {
  label: string;
  /** #rrggbb, or null for none of its own. */
  value: string | null;
  none: string;
  offered: readonly string[];
  onChange(value: string | null): void;
}

/** A colour: none, one that is offered, or any, picked or typed. */
export function ColourPick({ label, value, none, offered, onChange }: ColourPickProps) {
  const own = value !== null && !offered.includes(value);
  return (
    <div role="group" aria-label={label}>
      <span>{label}</span>
      <Row>
        <Button data-chosen={value === null || undefined} onPress={() => onChange(null)}>
          {none}
        </Button>
        {offered.map((colour) => (
          <Button
            key={colour}
            style={{ background: colour }}
            data-chosen={value === colour || undefined}
            aria-label={`${label} ${colour}`}
            onPress={() => onChange(colour)}
          />
        ))}
        <ColorPicker
          value={parseColor(value ?? '#ffffff')}
          onChange={(colour) => onChange(colour.toString('hex').toLowerCase())}
        >
          <DialogTrigger>
            <Button data-chosen={own || undefined} style={own ? { background: value } : undefined}>
              Other
            </Button>
            <PopoverBox>
              <Sheet aria-label={`${label}: any colour`}>
                <ColorArea colorSpace="hsb" xChannel="saturation" yChannel="brightness">
                  <ColorThumb />
                </ColorArea>
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
            </PopoverBox>
          </DialogTrigger>
        </ColorPicker>
      </Row>
    </div>
  );
}
