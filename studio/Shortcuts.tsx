import styled from 'styled-components';
import { Button } from './ui/Button.tsx';
import { Dialog, DialogFoot } from './ui/Dialog.tsx';
import { t } from './ui/theme.ts';

const Places = styled.div`
  overflow: auto;
  h3 {
    font: 600 14px/1.3 ${t.names};
    margin: 14px 0 6px;
  }
  h3:first-child {
    margin-top: 0;
  }
  dl {
    display: grid;
    grid-template-columns: 130px 1fr;
    gap: 6px 20px;
    margin: 0;
  }
  dt {
    font: 500 12px/1.6 ${t.measures};
  }
  dd {
    margin: 0;
  }
`;

type Keys = readonly [string, string][];

/** What the keyboard does, by where it does it. */
const places: readonly [string, Keys][] = [
  [
    'Everywhere',
    [
      ['Ctrl Z', 'Undo'],
      ['Ctrl Shift Z', 'Redo'],
      ['Escape', 'Close what is open'],
      ['?', 'Show these keys'],
    ],
  ],
  [
    'Arrange: the bays of the page',
    [
      ['Up, Down', 'Go to the next bay'],
      ['Alt Up, Alt Down', 'Move the bay'],
      ['A', 'Add a bay below it'],
      ['D', 'Duplicate the bay'],
      ['H', 'Hide or show the bay'],
      ['Delete', 'Remove the bay'],
    ],
  ],
  [
    'Arrange: settings and frames',
    [
      ['/', 'Find a setting'],
      ['Alt Up, Alt Down', 'Move a part of the card'],
      ['Left, Right', 'Move an edge on the tape by 1 px, with Shift by 10 px'],
      ['Enter, Tab', 'Keep a number that was typed'],
      ['Escape', 'Put back a number that was typed; from a near frame back to all'],
    ],
  ],
  [
    'Catalogue: the list of products',
    [
      ['Up, Down', 'Go to the next product'],
      ['Enter', 'Edit the product beside the list'],
      ['Space', 'Choose the product'],
      ['F2', 'Edit its title in the list; Tab to item code, price and stock'],
      ['Enter, Escape', 'Keep what was typed and go below; leave what was there'],
    ],
  ],
  [
    'Assortments',
    [
      ['Enter on "Move"', 'Pick up a clause or an item; Up, Down to place it, Enter to drop it'],
      ['Up, Down, Enter', 'Tick in a list'],
    ],
  ],
];

/** Every key there is, by place. */
export function Shortcuts({ open, onClose }: { open: boolean; onClose(): void }) {
  return (
    <Dialog title="Keys" open={open} onClose={onClose}>
      <Places>
        {places.map(([place, keys]) => (
          <section key={place}>
            <h3>{place}</h3>
            <dl>
              {keys.map(([key, does]) => (
                <div key={key} style={{ display: 'contents' }}>
                  <dt>{key}</dt>
                  <dd>{does}</dd>
                </div>
              ))}
            </dl>
          </section>
        ))}
      </Places>
      <DialogFoot>
        <Button onPress={onClose}>Close</Button>
      </DialogFoot>
    </Dialog>
  );
}
