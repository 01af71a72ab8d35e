import {
  CLIP_DISTANCE_PX,
  FEWEST_BANDS,
  MOST_BANDS,
  newBand,
  TAPE_END_PX,
  type Band,
  type Bands,
} from '../../../core/bands/bands.ts';
import { useStudio } from '../../studioContext.tsx';
import { Button } from '../../ui/Button.tsx';
import { Stepper } from '../../ui/Stepper.tsx';
import { Words } from '../../ui/Words.tsx';

function newBandId(bands: Bands): string {
  for (let n = 1; ; n += 1) if (!bands.some((band) => band.id === `band-${n}`)) return `band-${n}`;
}

/** Middle of the roomiest part of a band; null where no edge has room in it. */
function splitAt(bands: Bands, band: Band): number | null {
  const end = bands[bands.indexOf(band) + 1]?.from ?? TAPE_END_PX;
  return end - band.from >= 2 * CLIP_DISTANCE_PX ? Math.round((band.from + end) / 2) : null;
}

/** What is wrong with a name: there is none, or another width has it. */
function nameFault(name: string, bands: Bands, band: Band): string | null {
  const wanted = name.trim().toLowerCase();
  if (!wanted) return 'A width needs a name.';
  const taken = bands.some((one) => one !== band && one.name.trim().toLowerCase() === wanted);
  return taken ? `Another width is called "${name.trim()}". Choose another name.` : null;
}

/** What can be set of one band: its name, where it begins, one more, one less. */
export default function BandSheet({ bands, band, close }: { bands: Bands; band: Band; close(): void }) {
  const { draft } = useStudio();
  const at = bands.indexOf(band);
  const split = bands.length < MOST_BANDS ? splitAt(bands, band) : null;
  return (
    <>
      <Words
        label="Name"
        value={band.name}
        longest={40}
        fault={(name) => nameFault(name, bands, band)}
        onChange={(name) =>
          draft.run({ do: 'editBands', edit: { is: 'rename', id: band.id, name } }, `band name ${band.id}`)
        }
      />
      {at > 0 ? (
        <Stepper
          label="Begins at, px"
          shown
          value={band.from}
          least={bands[at - 1]!.from + CLIP_DISTANCE_PX}
          most={(bands[at + 1]?.from ?? TAPE_END_PX + CLIP_DISTANCE_PX) - CLIP_DISTANCE_PX}
          wide
          saysLimits
          onChange={(from) => draft.run({ do: 'editBands', edit: { is: 'move', id: band.id, from } })}
        />
      ) : (
        <p>It begins at 0 px.</p>
      )}
      <div className="two">
        {split !== null && (
          <Button
            onPress={() => {
              const id = newBandId(bands);
              draft.run({
                do: 'editBands',
                edit: { is: 'add', band: newBand(bands, split, id, `${band.name} wide`.slice(0, 40)) },
              });
              close();
            }}
          >
            Split at {split} px
          </Button>
        )}
        {bands.length > FEWEST_BANDS && (
          <Button
            onPress={() => {
              close();
              draft.run({ do: 'editBands', edit: { is: 'remove', id: band.id } });
            }}
          >
            Remove {band.name}
          </Button>
        )}
      </div>
      <p>
        {split === null && bands.length >= MOST_BANDS ? `There are at most ${MOST_BANDS} widths. ` : ''}
        Splitting changes nothing that shoppers see: the new width starts with the values of the narrower one.
      </p>
    </>
  );
}
