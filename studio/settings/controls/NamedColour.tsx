import { ChevronDown } from 'lucide-react';
import { lazy, Suspense, useContext } from 'react';
import { Button, Dialog, DialogTrigger } from 'react-aria-components';
import styled from 'styled-components';
import {
  colourValue,
  HOUSE_COLOURS,
  isHouseColour,
  type HouseColour,
} from '../../../core/style/houseColour.ts';
import { sayContrast } from '../../../core/colour/contrast.ts';
import { useDraft } from '../../studioContext.tsx';
import { PopoverBox } from '../../ui/Pick.tsx';
import { t } from '../../ui/theme.ts';
import { leastContrast, type Against } from '../../../core/colour/passingArea.ts';
import { AgainstContext } from '../against.ts';
import type { Controlled } from '../control.ts';

const AnyColour = lazy(() =>
  import('../../ui/AnyColour.tsx').then((module) => ({ default: module.AnyColour })),
);

const Box = styled.div`
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 3px;
  > button {
    display: inline-flex;
    align-items: center;
    gap: 7px;
    min-height: 30px;
    padding: 3px 9px;
    border: 1px solid ${t.edge};
    border-radius: ${t.corner};
    background: #fff;
    cursor: pointer;
  }
  &[data-inherits] > button {
    color: ${t.ink2};
  }
`;

const Patch = styled.i`
  width: 16px;
  height: 16px;
  border-radius: 3px;
  border: 1px solid rgb(0 0 0 / 0.28);
  flex: none;
`;

const Sheet = styled(Dialog)`
  outline: none;
  padding: 6px;
  > div {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 4px;
  }
  > div > button {
    display: flex;
    align-items: center;
    gap: 7px;
    padding: 5px 8px;
    border: 1px solid transparent;
    border-radius: 5px;
    background: none;
    text-align: start;
    cursor: pointer;
  }
  > div > button[data-chosen] {
    border-color: ${t.pine};
    background: ${t.pineSoft};
    font-weight: 600;
  }
  small {
    display: block;
    font-weight: 400;
    color: ${t.ink2};
  }
  small[data-low] {
    color: ${t.brick};
  }
  > div > button[data-focus-visible] {
    outline: 2px solid ${t.pine};
  }
`;

/** How a colour stands out from the worst of what it is on. */
function Ratio({ hex, against }: { hex: string; against: Against }) {
  const ratio = leastContrast(hex, against);
  return <small data-low={ratio < against.need || undefined}>{sayContrast(ratio)}:1</small>;
}

const names = Object.entries(HOUSE_COLOURS) as [HouseColour, string][];

/** A colour of the store by its name, which it follows, or any other. */
export function NamedColour({ label, shown, value, inherits, onChange }: Controlled<'colour', string>) {
  const colours = useDraft((state) => state.plan.house.colours);
  const against = useContext(AgainstContext);
  const name = isHouseColour(value) ? HOUSE_COLOURS[value] : value;
  return (
    <Box data-inherits={inherits || undefined}>
      {shown && <span>{label}</span>}
      <DialogTrigger>
        <Button aria-label={`${label}: ${name}`}>
          <Patch style={{ background: colourValue(value, colours) }} />
          {name}
          <ChevronDown size={14} aria-hidden />
        </Button>
        <PopoverBox>
          <Sheet aria-label={`${label}: colours of the store, or any other`}>
            <div>
              {names.map(([id, words]) => (
                <Button
                  key={id}
                  data-chosen={(id === value && !inherits) || undefined}
                  onPress={() => onChange(id)}
                >
                  <Patch style={{ background: colours[id] }} />
                  <span>
                    {words}
                    {against && <Ratio hex={colours[id]} against={against} />}
                  </span>
                </Button>
              ))}
            </div>
            <Suspense fallback={<p>Opening…</p>}>
              <AnyColour
                label={label}
                value={colourValue(value, colours)}
                against={against}
                onChange={onChange}
              />
            </Suspense>
          </Sheet>
        </PopoverBox>
      </DialogTrigger>
    </Box>
  );
}
