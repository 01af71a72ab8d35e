import { Upload } from 'lucide-react';
import type { ReactNode } from 'react';
import { DropZone, FileTrigger, type FileDropItem } from 'react-aria-components';
import styled from 'styled-components';
import { MainButton } from './Button.tsx';
import { t } from './theme.ts';

const Zone = styled(DropZone)`
  background: ${t.paper};
  border: 1px dashed ${t.edge};
  border-radius: ${t.corner};
  padding: 22px 20px 14px;
  display: grid;
  justify-items: center;
  gap: 14px;
  &[data-drop-target] {
    border-color: ${t.pine};
    background: ${t.pineSoft};
  }
  .press {
    display: flex;
    align-items: center;
    gap: 10px;
  }
`;

interface FileZoneProps {
  /** What of it a screen reader says. */
  label: string;
  /** Endings and media types that a window to choose one offers. */
  taken: string[];
  isSending: boolean;
  onFile(file: File): void;
  /** What is said of it below. */
  children?: ReactNode;
}

/** Where a file is dropped or chosen. */
export function FileZone({ label, taken, isSending, onFile, children }: FileZoneProps) {
  return (
    <Zone
      aria-label={label}
      onDrop={({ items }) => {
        const file = items.find((item): item is FileDropItem => item.kind === 'file');
        if (file) void file.getFile().then(onFile);
      }}
    >
      <div className="press">
        <Upload size={18} aria-hidden />
        <span>{isSending ? 'Sending…' : 'Drop a file here, or'}</span>
        <FileTrigger acceptedFileTypes={taken} onSelect={(files) => files?.[0] && onFile(files[0])}>
          <MainButton isDisabled={isSending}>Choose a file</MainButton>
        </FileTrigger>
      </div>
      {children}
    </Zone>
  );
}
