import { parseDateTime } from '@internationalized/date';
import { CalendarDays, ChevronLeft, ChevronRight } from 'lucide-react';
import {
  Button,
  Calendar,
  CalendarCell,
  CalendarGrid,
  CalendarHeading,
  DateInput,
  DatePicker,
  DateSegment,
  Dialog,
  Group,
  Label,
} from 'react-aria-components';
import styled from 'styled-components';
import { PopoverBox } from '../../ui/Pick.tsx';
import { t } from '../../ui/theme.ts';
import type { Controlled } from '../control.ts';
import { Hint } from '../Stack.tsx';
import { capital } from '../../../core/sentence/sentence.ts';

const Box = styled(DatePicker)`
  display: flex;
  flex-direction: column;
  gap: 3px;
  .react-aria-Group {
    display: flex;
    align-items: center;
    border: 1px solid ${t.edge};
    border-radius: ${t.corner};
    background: #fff;
    min-height: 30px;
    padding: 2px 4px 2px 9px;
  }
  .react-aria-DateInput {
    flex: 1;
    display: flex;
    flex-wrap: wrap;
  }
  .react-aria-DateSegment {
    padding: 1px 1px;
    border-radius: 3px;
    outline: none;
    font-variant-numeric: tabular-nums;
    &[data-placeholder] {
      color: ${t.ink2};
    }
    &[data-focused] {
      background: ${t.pine};
      color: #fff;
    }
  }
  button {
    border: 0;
    background: none;
    padding: 4px;
    display: grid;
    cursor: pointer;
  }
`;

const Month = styled(Calendar)`
  padding: 8px;
  header {
    display: flex;
    align-items: center;
    justify-content: space-between;
    button {
      border: 0;
      background: none;
      padding: 4px;
      display: grid;
      cursor: pointer;
    }
    h2 {
      font: 600 14px/1.2 ${t.names};
    }
  }
  .react-aria-CalendarCell {
    width: 30px;
    height: 30px;
    display: grid;
    place-items: center;
    border-radius: 5px;
    cursor: pointer;
    outline: none;
    &[data-outside-month] {
      visibility: hidden;
    }
    &[data-hovered] {
      background: ${t.pineSoft};
    }
    &[data-selected] {
      background: ${t.pine};
      color: #fff;
    }
    &[data-focus-visible] {
      box-shadow: 0 0 0 2px ${t.pine};
    }
  }
`;

/** A day and a time, typed or chosen in a month; both by the clocks of the store. */
export function TimeControl({ control, label, shown, value, onChange }: Controlled<'time', string | null>) {
  return (
    <div>
      <Box
        granularity="minute"
        hourCycle={24}
        shouldForceLeadingZeros
        aria-label={shown ? undefined : label}
        value={value === null ? null : parseDateTime(value)}
        onChange={(next) => onChange(next === null ? null : next.toString().slice(0, 16))}
      >
        {shown && <Label>{label}</Label>}
        <Group>
          <DateInput>{(segment) => <DateSegment segment={segment} />}</DateInput>
          <Button aria-label={`Choose the day, ${label}`}>
            <CalendarDays size={15} aria-hidden />
          </Button>
        </Group>
        <PopoverBox>
          <Dialog aria-label={label}>
            <Month>
              <header>
                <Button slot="previous" aria-label="Previous month">
                  <ChevronLeft size={16} />
                </Button>
                <CalendarHeading level={2} />
                <Button slot="next" aria-label="Next month">
                  <ChevronRight size={16} />
                </Button>
              </header>
              <CalendarGrid>{(date) => <CalendarCell date={date} />}</CalendarGrid>
            </Month>
          </Dialog>
        </PopoverBox>
      </Box>
      {value === null && <Hint>{capital(control.none)}.</Hint>}
    </div>
  );
}
