import { TextInput } from '@mantine/core';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useOnce } from '../../api/once';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Act } from '../../ui/Act';
import page from '../../ui/Page.module.css';
import { Waiting } from '../../ui/Waiting';
import { length, say, width } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
import { plain } from '../../ui/words';
import { useCatalogue } from '../advice/catalogue';
import { useReader } from '../team/session';
import classes from './Shelf.module.css';

/** A first shelf from standard sizes: write how many of each there are. */
export function TradePage() {
  const catalogue = useCatalogue();
  const { units } = useReader();
  const navigate = useNavigate();
  const once = useOnce();
  const [counts, setCounts] = useState<Record<string, string>>({});
  const picks = Object.entries(counts)
    .filter(([, n]) => /^\d{1,5}$/.test(n.trim()))
    .map(([size, n]) => ({ size, count: Number(n) }));
  const wrong = Object.values(counts).some((n) => n.trim() !== '' && !/^\d{1,5}$/.test(n.trim()));
  const add = useWrite(writes.addFromTrade, {
    done: () => {
      notifyDone(`${picks.length} sizes are on the shelf.`);
      void navigate('/shelf');
    },
    failed: once.refused,
  });
  if (!catalogue) return <Waiting />;
  return (
    <>
      <title>From trade sizes · Happy Saucer</title>
      <div className={page.head}>
        <div>
          <h1>From trade sizes</h1>
          <p>Write how many you have; sizes left empty stay off the shelf.</p>
        </div>
        <Act
          missing={wrong ? 'Write whole numbers only.' : picks.length === 0 && 'Write how many there are of one size.'}
          loading={add.isPending}
          onClick={() => add.mutate({ id: once.id(), picks })}
        >
          {picks.length === 0 ? 'Put on the shelf' : `Put ${picks.length} sizes on the shelf`}
        </Act>
      </div>
      <ul className={classes.trade}>
        {catalogue.tradeSizes.map((s) => (
          <li key={s.id}>
            <span>
              {plain(s.material)} <span className="measure">{say(width(s.topMm, units))}</span>
              <small className="soft">
                {s.shape === 'STANDARD' ? '' : `, ${plain(s.shape).toLowerCase()}`}, {say(length(s.heightMm, units))} deep
              </small>
            </span>
            <TextInput
              aria-label={`How many ${plain(s.material)} ${say(width(s.topMm, units))} ${s.shape === 'STANDARD' ? '' : plain(s.shape)}`}
              inputMode="numeric"
              value={counts[s.id] ?? ''}
              onChange={(e) => setCounts({ ...counts, [s.id]: e.currentTarget.value })}
            />
          </li>
        ))}
      </ul>
    </>
  );
}
