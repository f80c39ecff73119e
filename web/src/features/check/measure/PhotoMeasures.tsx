import { Button, FileButton, Modal } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { IconRulerMeasure } from '@tabler/icons-react';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useState, type KeyboardEvent } from 'react';
import type { Schemas } from '../../../api/client';
import { faultsByField } from '../../../api/problem';
import { reads } from '../../../api/reads';
import { LengthInput } from '../../../ui/LengthInput';
import { aboutLength, readLength, say, width, type Units } from '../../../ui/format';
import { causeWords, nextTap, questionOf, TAPS, type TapKey, type Tapped } from './taps';
import classes from './Measure.module.css';

interface Props {
  plantId: string;
  units: Units;
  take: (measures: Schemas['TapMeasures']) => void;
}

/** Takes or chooses a photo, and measures on it by the pot whose width is known. */
export function PhotoMeasures({ plantId, units, take }: Props) {
  const [file, setFile] = useState<File | null>(null);
  return (
    <>
      <FileButton accept="image/*" capture="environment" onChange={setFile}>
        {(props) => (
          <Button {...props} variant="default" leftSection={<IconRulerMeasure size={20} aria-hidden />}>
            Measure on a photo
          </Button>
        )}
      </FileButton>
      <Modal opened={file !== null} onClose={() => setFile(null)} title="Measure on a photo" size="lg">
        {file && (
          <Tapping
            file={file}
            plantId={plantId}
            units={units}
            take={(measures) => {
              take(measures);
              setFile(null);
            }}
          />
        )}
      </Modal>
    </>
  );
}

/** An arrow moves a mark by so much of the photo's width. */
const NUDGE = 0.004;

const ARROWS: Record<string, [number, number]> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

function Tapping({ file, plantId, units, take }: { file: File } & Props) {
  const [url, setUrl] = useState('');
  const [size, setSize] = useState<{ width: number; height: number } | null>(null);
  const [broken, setBroken] = useState(false);
  const [tapped, setTapped] = useState<Tapped>({});
  const [now, setNow] = useState<TapKey | null>('rimLeft');
  const [rim, setRim] = useState<string | null>(null);
  useEffect(() => {
    const made = URL.createObjectURL(file);
    // eslint-disable-next-line react-hooks/set-state-in-effect -- the address lives as long as the photo is shown
    setUrl(made);
    return () => URL.revokeObjectURL(made);
  }, [file]);
  const rimMm = rim === null ? null : readLength(rim, units);
  const asked = size && (rim === null || rimMm !== null) ? questionOf(tapped, size, rimMm) : null;
  const [settled] = useDebouncedValue(asked, 150);
  const { data, error } = useQuery({ ...reads.photoMeasures(plantId, settled), enabled: settled !== null });
  const faults = faultsByField(error);
  const said = Object.values(faults)[0];
  const put = (key: TapKey, x: number, y: number) => {
    if (!size) return;
    const at = { x: Math.max(0, Math.min(size.width, x)), y: Math.max(0, Math.min(size.height, y)) };
    setTapped((before) => ({ ...before, [key]: at }));
  };
  const nudge = (e: KeyboardEvent) => {
    const arrow = ARROWS[e.key];
    if (!arrow || !now || !size) return;
    e.preventDefault();
    const at = tapped[now] ?? { x: size.width / 2, y: size.height / 2 };
    const step = size.width * NUDGE * (e.shiftKey ? 10 : 1);
    put(now, at.x + arrow[0] * step, at.y + arrow[1] * step);
  };
  if (broken) return <p role="alert">This photo cannot be shown here. Take another, or choose a JPEG or PNG.</p>;
  return (
    <div>
      <p className={classes.hint} role="status">
        {TAPS.find((t) => t.key === now)?.hint ?? 'Tap a name below to put its mark elsewhere.'}
      </p>
      <button
        type="button"
        className={classes.photo}
        aria-label="The photo; arrows move the mark"
        onKeyDown={nudge}
        onClick={(e) => {
          if (!size || !now || e.detail === 0) return;
          const box = e.currentTarget.getBoundingClientRect();
          put(now, ((e.clientX - box.left) / box.width) * size.width, ((e.clientY - box.top) / box.height) * size.height);
          setNow(nextTap({ ...tapped, [now]: { x: 0, y: 0 } }, now) ?? now);
        }}
      >
        {url && (
          <img
            src={url}
            alt=""
            draggable={false}
            onError={() => setBroken(true)}
            onLoad={(e) => setSize({ width: e.currentTarget.naturalWidth, height: e.currentTarget.naturalHeight })}
          />
        )}
        {size &&
          TAPS.map(({ key }) => {
            const at = tapped[key];
            return at && <span key={key} className={classes.mark} data-now={key === now} style={{ left: `${(at.x / size.width) * 100}%`, top: `${(at.y / size.height) * 100}%` }} />;
          })}
      </button>
      <ul className={classes.steps}>
        {TAPS.map(({ key, label }) => (
          <li key={key}>
            <button type="button" aria-pressed={key === now} data-set={key in tapped} onClick={() => setNow(key)}>
              {label}
            </button>
          </li>
        ))}
      </ul>
      <div className={classes.fields}>
        <LengthInput
          label={data?.ofCover ? 'Width of the cover’s rim' : 'Width of the rim, outside'}
          description="Between the two marks, by which everything is measured."
          value={rim ?? (data ? say(width(data.rimMm, units)) : '')}
          units={units}
          error={faults.rimMm ?? (rim !== null && rimMm === null ? 'Write a length like 15 cm or 6 in.' : undefined)}
          change={setRim}
        />
        {said && <p role="alert">{said}</p>}
        {data && !said && <Read data={data} units={units} />}
        <Button size="lg" disabled={!data || said !== undefined} onClick={() => data && take(data)}>
          {data ? 'Take these measures' : 'Tap the rim’s two ends and the top first'}
        </Button>
      </div>
    </div>
  );
}

function Read({ data, units }: { data: Schemas['TapMeasures']; units: Units }) {
  const lines: [string, Schemas['Reading'] | null, boolean][] = [
    ['Height', data.height, false],
    ['Spread', data.spread, false],
    ['Lean', data.lean, true],
    ['Width', data.width, false],
  ];
  const words = (r: Schemas['Reading'], degrees: boolean) =>
    degrees ? `${Math.round(r.value)}° ± ${Math.max(1, Math.round(r.error))}°` : `${say(width(r.value, units))} ± ${say(aboutLength(r.error, units))}`;
  return (
    <ul className={classes.read}>
      {lines.map(
        ([label, reading, degrees]) =>
          reading && (
            <li key={label}>
              <span>{label}</span>
              <div>
                <b className="measure">{words(reading, degrees)}</b>
                <small>{degrees ? 'as seen from this side; look from another side too' : causeWords(reading.cause)}</small>
              </div>
            </li>
          ),
      )}
    </ul>
  );
}
