import styled from 'styled-components';
import { Dialog } from './ui/Dialog.tsx';
import { t } from './ui/theme.ts';

const List = styled.dl`
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 8px 20px;
  margin: 0;
  dt {
    font: 500 12px/1.6 ${t.measures};
  }
  dd {
    margin: 0;
  }
`;

const keys: readonly [string, string][] = [
  ['Ctrl Z', 'Undo'],
  ['Ctrl Shift Z', 'Redo'],
  ['Up, Down', 'In the elevation: go to the next bay'],
  ['Alt Up, Alt Down', 'In the elevation: move the bay; in the card: move the part'],
  ['D', 'In the elevation: duplicate the bay'],
  ['H', 'In the elevation: hide or show the bay'],
  ['Delete', 'In the elevation: remove the bay'],
  ['/', 'Find a setting'],
  ['Escape', 'Close what is open; from near back to all frames'],
  ['?', 'This list'],
];

export function Shortcuts({ open, onClose }: { open: boolean; onClose(): void }) {
  return (
    <Dialog title="Keys" open={open} onClose={onClose}>
      <List>
        {keys.map(([key, does]) => (
          <div key={key} style={{ display: 'contents' }}>
            <dt>{key}</dt>
            <dd>{does}</dd>
          </div>
        ))}
      </List>
    </Dialog>
  );
}
