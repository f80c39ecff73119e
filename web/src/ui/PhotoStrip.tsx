import { Modal, UnstyledButton } from '@mantine/core';
import { IconX } from '@tabler/icons-react';
import { useState } from 'react';
import { photoUrl } from '../api/photos';
import { dayYear } from './format';
import classes from './PhotoStrip.module.css';

export interface ShownPhoto {
  id: string;
  caption: string;
  takenOn?: string;
  who?: string;
}

/** Small pictures in a row; a tap shows one large. */
export function PhotoStrip({ photos, remove }: { photos: ShownPhoto[]; remove?: (id: string) => void }) {
  const [large, setLarge] = useState<ShownPhoto | null>(null);
  const words = (p: ShownPhoto) => [p.takenOn && dayYear(p.takenOn), p.caption, p.who].filter(Boolean).join(', ');
  return (
    <>
      <ul className={classes.strip}>
        {photos.map((p) => (
          <li key={p.id}>
            <UnstyledButton onClick={() => setLarge(p)}>
              <img src={photoUrl(p.id, true)} alt={`Photo, ${words(p)}`} loading="lazy" />
              {p.takenOn && <span className="measure">{dayYear(p.takenOn)}</span>}
            </UnstyledButton>
            {remove && (
              <UnstyledButton className={classes.remove} aria-label={`Remove the photo, ${words(p)}`} onClick={() => remove(p.id)}>
                <IconX size={20} aria-hidden />
              </UnstyledButton>
            )}
          </li>
        ))}
      </ul>
      <Modal opened={large !== null} onClose={() => setLarge(null)} size="auto" title={large ? words(large) : ''}>
        {large && <img className={classes.large} src={photoUrl(large.id, false)} alt={`Photo, ${words(large)}`} />}
      </Modal>
    </>
  );
}
