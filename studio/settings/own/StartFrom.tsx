import { Menu, MenuTrigger, Text } from 'react-aria-components';
import { arrangements, startFrom } from '../../../core/plan/arrangements/index.ts';
import { useDraft, useStudio } from '../../studioContext.tsx';
import { Button } from '../../ui/Button.tsx';
import { MenuRow } from '../../ui/MenuRow.tsx';
import { PopoverBox } from '../../ui/Pick.tsx';

/** Ready-made arrangements to start from; one is put in place in one step, and then set in detail. */
export function StartFrom({ shelf }: { shelf: string }) {
  const { draft } = useStudio();
  const bands = useDraft((state) => state.plan.house.bands);
  const start = (id: string) => {
    const arrangement = arrangements.find((one) => one.id === id);
    if (arrangement) draft.run(startFrom(shelf, arrangement, bands));
  };
  return (
    <MenuTrigger>
      <Button>Start from a ready-made arrangement</Button>
      <PopoverBox placement="bottom start">
        <Menu onAction={(key) => start(String(key))}>
          {arrangements.map(({ id, name, about }) => (
            <MenuRow key={id} id={id} textValue={name}>
              <Text slot="label">{name}</Text>
              <Text slot="description">{about}</Text>
            </MenuRow>
          ))}
        </Menu>
      </PopoverBox>
    </MenuTrigger>
  );
}
