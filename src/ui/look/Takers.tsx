import { Camera as CameraIcon, ImageUp } from 'lucide-react';
import { useRef } from 'react';
import { makeReady } from '@/workers/looker/client';
import type { LookedAt } from '@/workers/looker/contract';
import { Button } from '../Button';

interface TakersProps<Of extends LookedAt> {
  readonly of: Of;
  readonly again: boolean;
  readonly onCamera: (of: Of) => void;
  readonly onFile: (file: Blob, of: Of) => void;
}

const takerWords = {
  whole: { first: 'Take a photo', again: 'Look again', file: 'Choose a photo' },
  reference: { first: 'Photograph it', again: 'Photograph it again', file: 'Choose a photo of it' },
  ground: { first: 'Ground coffee too', again: 'Ground coffee again', file: 'Choose a photo of it ground' },
} as const satisfies Record<LookedAt, unknown>;

/** The two ways to a photo: the camera, and a file. */
export function Takers<Of extends LookedAt>({ of, again, onCamera, onFile }: TakersProps<Of>) {
  const input = useRef<HTMLInputElement>(null);
  const { first, again: once, file } = takerWords[of];
  return (
    <>
      <Button
        onClick={() => {
          makeReady();
          onCamera(of);
        }}
      >
        <CameraIcon className="mr-2 inline size-5" />
        {again ? once : first}
      </Button>
      <Button
        variant="quiet"
        onClick={() => {
          makeReady();
          input.current?.click();
        }}
      >
        <ImageUp className="mr-2 inline size-5" />
        {file}
      </Button>
      <input
        ref={input}
        type="file"
        accept="image/*"
        aria-label={file}
        // The button beside it opens it, for who hears the page too.
        hidden
        onChange={(event) => {
          const [chosen] = event.target.files ?? [];
          // The same file can be chosen once more.
          event.target.value = '';
          if (chosen) onFile(chosen, of);
        }}
      />
    </>
  );
}
