import { useState } from 'react';
import { photoUrl } from '../api/photos';
import { dayYear } from './format';
import classes from './BeforeAfter.module.css';

export interface DatedPhoto {
  id: string;
  takenOn: string;
  caption: string;
}

const words = (p: DatedPhoto) => [dayYear(p.takenOn), p.caption].filter(Boolean).join(', ');

/** Two pictures of one plant in one frame, the line between them under a slide; others of each can be chosen. */
export function BeforeAfter({ before, after }: { before: DatedPhoto[]; after: DatedPhoto[] }) {
  const [left, setLeft] = useState(before[0]?.id);
  const [right, setRight] = useState(after[0]?.id);
  const [line, setLine] = useState(50);
  const one = before.find((p) => p.id === left) ?? before[0];
  const other = after.find((p) => p.id === right) ?? after[0];
  if (!one || !other) return null;
  return (
    <figure className={classes.pair}>
      <div className={classes.frame}>
        <img src={photoUrl(other.id, false)} alt={`After: ${words(other)}`} />
        <img src={photoUrl(one.id, false)} alt={`Before: ${words(one)}`} style={{ clipPath: `inset(0 ${100 - line}% 0 0)` }} />
        <i style={{ left: `${line}%` }} aria-hidden />
      </div>
      <input
        type="range"
        min={0}
        max={100}
        value={line}
        aria-label="Slide between before and after"
        aria-valuetext={`${line} % of the picture before, ${100 - line} % of the one after`}
        onChange={(e) => setLine(Number(e.currentTarget.value))}
      />
      <figcaption>
        <Which name="Before" of={before} chosen={one} choose={setLeft} />
        <Which name="After" of={after} chosen={other} choose={setRight} />
      </figcaption>
    </figure>
  );
}

function Which({ name, of, chosen, choose }: { name: string; of: DatedPhoto[]; chosen: DatedPhoto; choose: (id: string) => void }) {
  if (of.length === 1) {
    return (
      <span>
        {name} <span className="measure">{dayYear(chosen.takenOn)}</span>
      </span>
    );
  }
  return (
    <label>
      {name}{' '}
      <select value={chosen.id} onChange={(e) => choose(e.currentTarget.value)}>
        {of.map((p) => (
          <option key={p.id} value={p.id}>
            {words(p)}
          </option>
        ))}
      </select>
    </label>
  );
}
