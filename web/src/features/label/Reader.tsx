import { Button, FileButton } from '@mantine/core';
import { IconCamera } from '@tabler/icons-react';
import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { codeIn } from './codes';
import { makeDecoder, pixelsOf } from './decoder';
import classes from './Reader.module.css';

/** Between two looks at the live picture, ms. */
const LOOK_MS = 150;

type Decoder = ReturnType<typeof makeDecoder>;

/** Reads a label: live where the page may use the camera, else from a photo that is taken or chosen. */
export function Reader({ found }: { found: (code: string) => void }) {
  const mayFilm = window.isSecureContext && 'mediaDevices' in navigator;
  const [decoder] = useState(makeDecoder);
  const [words, setWords] = useState('');
  const [filming, setFilming] = useState(mayFilm);
  useEffect(() => () => decoder.stop(), [decoder]);
  const take = (text: string | null): boolean => {
    const code = text === null ? null : codeIn(text);
    if (code) {
      found(code);
      return true;
    }
    if (text !== null) setWords('This code is on no label of ours.');
    return false;
  };
  const fromPhoto = async (file: File | null) => {
    if (!file) return;
    setWords('Reading …');
    try {
      const bitmap = await createImageBitmap(file);
      const pixels = pixelsOf(bitmap);
      bitmap.close();
      const text = pixels ? await decoder.read(pixels) : null;
      if (!take(text) && text === null) setWords('No code is seen in this photo. Come closer, and hold it still.');
    } catch {
      setWords('This photo cannot be read. Take another.');
    }
  };
  return (
    <div className={classes.reader}>
      {filming && (
        <Live
          decoder={decoder}
          take={take}
          failed={(why) => {
            setFilming(false);
            setWords(why);
          }}
        />
      )}
      <p role="status">{words || (filming ? 'Hold the label before the camera.' : 'Take a photo of the label, or choose one.')}</p>
      <FileButton accept="image/*" capture="environment" onChange={(file) => void fromPhoto(file)}>
        {(props) => (
          <Button {...props} variant={filming ? 'default' : 'filled'} leftSection={<IconCamera size={20} aria-hidden />}>
            From a photo
          </Button>
        )}
      </FileButton>
      {!mayFilm && <p className={classes.hint}>The live camera needs a secure page; <Link to="/phones">how a phone gets one</Link>.</p>}
    </div>
  );
}

function Live({ decoder, take, failed }: { decoder: Decoder; take: (text: string | null) => boolean; failed: (why: string) => void }) {
  const video = useRef<HTMLVideoElement>(null);
  const told = useRef({ take, failed });
  useEffect(() => {
    told.current = { take, failed };
  });
  useEffect(() => {
    let stream: MediaStream | null = null;
    let over = false;
    const look = async () => {
      while (!over) {
        const pixels = video.current ? pixelsOf(video.current) : null;
        if (pixels && told.current.take(await decoder.read(pixels))) return;
        await new Promise((later) => setTimeout(later, LOOK_MS));
      }
    };
    const film = async () => {
      stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment', width: { ideal: 1280 } } });
      if (over || !video.current) return;
      video.current.srcObject = stream;
      await video.current.play();
      await look();
    };
    film().catch((e: unknown) => {
      if (over) return;
      told.current.failed(
        e instanceof DOMException && e.name === 'NotAllowedError'
          ? 'The camera was not allowed. Allow it for this page, or take a photo.'
          : 'No camera answers here. Take a photo, or choose one.',
      );
    });
    return () => {
      over = true;
      stream?.getTracks().forEach((track) => track.stop());
    };
  }, [decoder]);
  return <video ref={video} className={classes.live} muted playsInline aria-label="What the camera sees" />;
}
