import { Upload } from 'lucide-react';
import { FileTrigger } from 'react-aria-components';
import type { StorePicture } from '../../core/api/pictures.ts';
import { PICTURE_KINDS } from '../../core/picture/limits.ts';
import { useStudio } from '../studioContext.tsx';
import { Button } from '../ui/Button.tsx';

export interface UploadButtonProps {
  label: string;
  many?: boolean;
  /** Told of those that are in the store then. */
  onStored?(pictures: readonly StorePicture[]): void;
}

/** Chooses files of this computer, or several in a ZIP, and puts them into the store as pictures. */
export function UploadButton({ label, many = false, onStored }: UploadButtonProps) {
  const { uploads } = useStudio();
  return (
    <FileTrigger
      acceptedFileTypes={[...Object.keys(PICTURE_KINDS), ...(many ? ['application/zip', '.zip'] : [])]}
      allowsMultiple={many}
      onSelect={(files) => void uploads.add([...(files ?? [])]).then((stored) => onStored?.(stored))}
    >
      <Button>
        <Upload size={14} aria-hidden /> {label}
      </Button>
    </FileTrigger>
  );
}
