import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { changePicture, type PictureWords, type StorePicture } from '../../../core/api/pictures.ts';
import { picturesChanged } from '../../api/uploads.ts';
import { useStudio } from '../../studioContext.tsx';

const SAVE_AFTER_MS = 500;

/** What is said of a picture, and what stays in sight of it: sent once typing rests, and at the latest when the picture is left. */
export function usePictureWords(picture: StorePicture) {
  const { client } = useStudio();
  const queries = useQueryClient();
  const [words, setWords] = useState<PictureWords>({
    id: picture.id,
    name: picture.name,
    alt: picture.alt,
    focal: picture.focal,
  });
  const [unsent, setUnsent] = useState(false);
  const saving = useMutation({
    mutationFn: (body: PictureWords) => client.ask(changePicture, { body }),
    onSuccess: () => picturesChanged(queries),
  });
  const waiting = useRef<{ timer: number; send(): void } | null>(null);
  const change = (more: Partial<PictureWords>) => {
    const next = { ...words, ...more };
    setWords(next);
    setUnsent(true);
    window.clearTimeout(waiting.current?.timer);
    const send = () => {
      waiting.current = null;
      setUnsent(false);
      saving.mutate(next);
    };
    waiting.current = { send, timer: window.setTimeout(send, SAVE_AFTER_MS) };
  };
  useEffect(
    () => () => {
      window.clearTimeout(waiting.current?.timer);
      waiting.current?.send();
    },
    [],
  );
  return { words, change, saving, isSaving: saving.isPending || unsent };
}
