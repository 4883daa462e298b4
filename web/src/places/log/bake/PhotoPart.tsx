import type { LogEntry } from '@mardle/contract';
import { MOST_PHOTO_BYTES, PHOTO_TYPES } from '@mardle/contract';
import { Button, FileButton, Group } from '@mantine/core';
import { IconCamera } from '@tabler/icons-react';
import { useState } from 'react';
import { photoUrl, useKeepPhoto } from '../../../shared/api/log.js';
import { Failure } from '../../../shared/ui/Failure.js';
import classes from './TastingForm.module.css';

const MOST_MB = MOST_PHOTO_BYTES / 1024 ** 2;

/** A picture of the slice: taken or chosen with one tap, shown large with another. */
export function PhotoPart({ entry }: { readonly entry: LogEntry }) {
  const keep = useKeepPhoto();
  const [tooLarge, setTooLarge] = useState(false);
  const send = (photo: File | null): void => {
    setTooLarge(photo !== null && photo.size > MOST_PHOTO_BYTES);
    if (photo && photo.size <= MOST_PHOTO_BYTES) keep.mutate({ id: entry.id, photo });
  };
  return (
    <div className={classes.photo} role="group" aria-label="A picture of the slice">
      {entry.photo && (
        <a href={photoUrl(entry)} target="_blank" rel="noreferrer">
          <img src={photoUrl(entry)} alt={`The slice of ${entry.name}`} />
        </a>
      )}
      <Group gap={8}>
        <FileButton
          accept={PHOTO_TYPES.join(',')}
          inputProps={{ 'aria-label': 'Picture of the slice', capture: 'environment' }}
          onChange={send}
        >
          {(props) => (
            <Button
              {...props}
              variant="default"
              size="md"
              loading={keep.isPending}
              leftSection={<IconCamera size={20} aria-hidden />}
            >
              {entry.photo ? 'Another picture' : 'A picture of the slice'}
            </Button>
          )}
        </FileButton>
        {entry.photo && (
          <Button
            variant="subtle"
            disabled={keep.isPending}
            onClick={() => keep.mutate({ id: entry.id, photo: null })}
          >
            Take it away
          </Button>
        )}
      </Group>
      {tooLarge && (
        <p role="alert">The picture is larger than {MOST_MB} MB. Save it smaller and send that.</p>
      )}
      {keep.error && <Failure error={keep.error} />}
    </div>
  );
}
