import { IconAlertTriangle } from '@tabler/icons-react';
import type { Schemas } from '../api/client';
import classes from './Cautions.module.css';

/** Never hidden behind a tap where they apply. */
export function Cautions({ cautions }: { cautions: Schemas['Coded'][] }) {
  if (cautions.length === 0) return null;
  return (
    <section className={classes.cautions} aria-labelledby="cautions">
      <h2 id="cautions">
        <IconAlertTriangle size={20} aria-hidden /> Take care
      </h2>
      <ul>
        {cautions.map((c) => (
          <li key={c.code}>{c.text}</li>
        ))}
      </ul>
      <p>Local rules, product labels and licensed practice go first.</p>
    </section>
  );
}
