import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { X } from 'lucide-react';
import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import styled from 'styled-components';
import {
  putBackPicture,
  removePictures,
  replacePicture,
  type StorePicture,
} from '../../../core/api/pictures.ts';
import { LONGEST_ALT, LONGEST_PICTURE_NAME, PICTURE_KINDS } from '../../../core/picture/limits.ts';
import { picturesChanged, refusedBefore } from '../../api/uploads.ts';
import { Hint, Stack } from '../../settings/Stack.tsx';
import { useStudio } from '../../studioContext.tsx';
import { Button, QuietButton } from '../../ui/Button.tsx';
import { pictureName } from '../../pictures/PictureTile.tsx';
import { sayBytes } from '../../ui/sayBytes.ts';
import { t } from '../../ui/theme.ts';
import { Words } from '../../ui/Words.tsx';
import { Side } from '../Side.tsx';
import { FocalPoint } from './FocalPoint.tsx';
import { usePictureWords } from './usePictureWords.ts';
import { isUnused, PictureUses, usesQuery } from './PictureUses.tsx';

const PictureSide = styled(Side)`
  .does {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    margin-bottom: 6px;
  }
  .fault {
    color: ${t.brick};
  }
`;

interface OnePictureProps {
  picture: StorePicture;
  onClose(): void;
  onRemoved(): void;
}

/** One picture of the store: what it is called and shows, what stays in sight, where it is used. */
export function OnePicture({ picture, onClose, onRemoved }: OnePictureProps) {
  const { client } = useStudio();
  const queries = useQueryClient();
  const { data: uses } = useQuery(usesQuery(client, picture.id));
  const [refused, setRefused] = useState<string | null>(null);
  const onSuccess = () => picturesChanged(queries);
  const { words, change, isSaving, saving } = usePictureWords(picture);
  const replacing = useMutation({
    mutationFn: (file: File) => client.send(replacePicture, file, { id: picture.id }),
    onSuccess,
  });
  const puttingBack = useMutation({
    mutationFn: () => client.ask(putBackPicture, { body: { id: picture.id } }),
    onSuccess,
  });
  const removing = useMutation({
    mutationFn: () => client.ask(removePictures, { body: { ids: [picture.id] } }),
    onSuccess: ({ removed }) => {
      onSuccess();
      if (removed.length) onRemoved();
      else setRefused('Something uses it by now, so it stays.');
    },
  });

  const fault =
    refused ?? [saving, replacing, puttingBack, removing].find((one) => one.isError)?.error?.message;
  const shown = { ...picture, ...words };
  return (
    <PictureSide aria-label={pictureName(shown)}>
      <header>
        <div>
          <h2>{pictureName(shown)}</h2>
          <p>
            {picture.width} × {picture.height} px, {sayBytes(picture.bytes)}, put in on{' '}
            {new Date(picture.addedAt).toLocaleDateString([], {
              day: 'numeric',
              month: 'short',
              year: 'numeric',
            })}
          </p>
          <p role="status">
            {isSaving ? 'Saving…' : saving.isSuccess ? 'Saved. Shoppers see it at once.' : ''}
          </p>
        </div>
        <QuietButton aria-label="Close this picture" onPress={onClose}>
          <X size={16} aria-hidden />
        </QuietButton>
      </header>
      <Stack>
        {fault && (
          <div>
            <p role="alert" className="fault">
              {fault}
            </p>
            {saving.isError && <Button onPress={() => saving.mutate(words)}>Save again</Button>}
          </div>
        )}
        <FocalPoint picture={shown} onChange={(focal) => change({ focal })} />
        <Words
          label="Name"
          value={words.name}
          longest={LONGEST_PICTURE_NAME}
          placeholder="How you find it again"
          onChange={(name) => change({ name })}
        />
        <Words
          label="What it shows"
          value={words.alt}
          longest={LONGEST_ALT}
          long
          placeholder="For those who cannot see it; leave empty where it only decorates"
          onChange={(alt) => change({ alt })}
        />
        <section>
          <h3>Used in</h3>
          <PictureUses id={picture.id} />
        </section>
        <section>
          <h3>Another file</h3>
          <div className="does">
            <FileTrigger
              acceptedFileTypes={Object.keys(PICTURE_KINDS)}
              onSelect={(files) => {
                const file = files?.[0];
                if (!file) return;
                const why = refusedBefore(file);
                setRefused(why);
                if (!why) replacing.mutate(file);
              }}
            >
              <Button isDisabled={replacing.isPending}>
                {replacing.isPending ? 'Replacing…' : 'Replace everywhere'}
              </Button>
            </FileTrigger>
            {picture.formerFile && (
              <Button isDisabled={puttingBack.isPending} onPress={() => puttingBack.mutate()}>
                Put the former file back
              </Button>
            )}
            {uses && isUnused(uses) && (
              <Button isDisabled={removing.isPending} onPress={() => removing.mutate()}>
                Remove from the store
              </Button>
            )}
          </div>
          <Hint>
            {picture.formerFile
              ? 'It was replaced wherever it stands. The former file is kept.'
              : 'The new file shows wherever this one stands, before shoppers too; this one is kept.'}
          </Hint>
        </section>
      </Stack>
    </PictureSide>
  );
}
