import { Button, FileButton } from '@mantine/core';
import { IconCamera } from '@tabler/icons-react';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { newId } from '../api/client';
import { removePhoto, sendPhoto, type Occasion } from '../api/photos';
import { notifyProblem } from './notify';
import { PhotoStrip } from './PhotoStrip';
import classes from './PhotoStrip.module.css';

/** Taken or chosen; each is sent at once, so that none is lost with the page. */
export function PhotoPicker({ plantId, occasion }: { plantId: string; occasion: Occasion }) {
  const [sent, setSent] = useState<string[]>([]);
  const send = useMutation({
    mutationFn: async (files: File[]) => {
      for (const file of files) {
        const id = newId();
        await sendPhoto(id, plantId, occasion, file);
        setSent((before) => [...before, id]);
      }
    },
    onError: notifyProblem,
  });
  const remove = useMutation({
    mutationFn: removePhoto,
    onSuccess: (_, id) => setSent((before) => before.filter((s) => s !== id)),
    onError: notifyProblem,
  });
  return (
    <div className={classes.picker}>
      <FileButton accept="image/jpeg,image/png" multiple onChange={(files) => files.length > 0 && send.mutate(files)}>
        {(props) => (
          <Button {...props} variant="default" loading={send.isPending} leftSection={<IconCamera size={20} aria-hidden />}>
            Add photos
          </Button>
        )}
      </FileButton>
      {sent.length > 0 && (
        <PhotoStrip photos={sent.map((id) => ({ id, caption: 'Just added' }))} remove={(id) => remove.mutate(id)} />
      )}
    </div>
  );
}
