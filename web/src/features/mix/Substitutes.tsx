import { NativeSelect } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { reads } from '../../api/reads';
import page from '../../ui/Page.module.css';
import { litres, say, share, width } from '../../ui/format';
import { useReader } from '../team/session';
import classes from './Medium.module.css';

const WIDTHS = [120, 170, 230, 300];

/** What stands in when a part is out, with its water and air worked out anew in a pot. */
export function Substitutes({ code }: { code: string }) {
  const { units } = useReader();
  const [top, setTop] = useState(170);
  const { data } = useQuery(reads.substitutes(code, top));
  const mixes = useQuery(reads.mixes({ topMm: top, heightMm: null, coarseMm: 0, species: null }));
  const now = mixes.data?.mixes.find((m) => m.code === code);
  if (!data || !now) return null;
  const byPart = [...new Set(data.map((s) => s.missing))].map((missing) => ({ missing, all: data.filter((s) => s.missing === missing) }));
  return (
    <section className={classes.below} aria-labelledby="substitutes">
      <header>
        <h2 id="substitutes">When a part is out</h2>
        <NativeSelect aria-label="In a pot" value={String(top)} data={WIDTHS.map((w) => ({ value: String(w), label: `In ${say(width(w, units))}` }))} onChange={(e) => setTop(Number(e.currentTarget.value))} />
      </header>
      <p>
        As it is made it holds {say(share(now.airFilled))} air there.
        {now.withoutPeat && ` With coir in place of its peat it holds ${say(share(now.withoutPeat.airFilled))} and dries ${slower(now.withoutPeat.days)}.`}
      </p>
      {byPart.length === 0 ? (
        <p className={page.soft}>Nothing stands in for its parts.</p>
      ) : (
        <table className={page.table}>
          <thead>
            <tr>
              <th scope="col">Without</th>
              <th scope="col">Instead, with the air it then holds</th>
            </tr>
          </thead>
          <tbody>
            {byPart.map(({ missing, all }) => (
              <tr key={missing}>
                <td>{all[0]?.missingLabel}</td>
                <td>
                  {all.map((s) => (
                    <div key={s.instead}>
                      {s.insteadLabel} <span className="measure">{say(share(s.airFilled))}</span>
                      {s.stockLitres !== null && <small className={page.soft}> {say(litres(Math.max(0, s.stockLitres), units))} in stock</small>}
                    </div>
                  ))}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}

function slower(days: number): string {
  const percent = Math.round(Math.abs(days - 1) * 100);
  if (percent === 0) return 'as fast';
  return `${percent} % ${days < 1 ? 'sooner' : 'later'}`;
}
