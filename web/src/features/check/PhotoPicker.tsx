import { Button, FileButton } from '@mantine/core';
import { IconCamera } from '@tabler/icons-react';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { newId } from '../../api/client';
import { removePhoto, sendPhoto } from '../../api/photos';
import { notifyProblem } from '../../ui/notify';
import { PhotoStrip } from '../../ui/PhotoStrip';
import classes from './CheckPage.module.css';

/** Taken or chosen; each is sent at once, so that none is lost with the page. */
export function PhotoPicker({ plantId, checkId }: { plantId: string; checkId: string }) {
  const [sent, setSent] = useState<string[]>([]);
  const send = useMutation({
    mutationFn: async (files: File[]) => {
      for (const file of files) {
        const id = newId();
        await sendPhoto(id, plantId, checkId, file);
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
    <div className={classes.photos}>
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
