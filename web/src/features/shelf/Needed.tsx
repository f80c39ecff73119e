import { Button, NativeSelect, UnstyledButton } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import page from '../../ui/Page.module.css';
import { day, litres, mass, say, type Units } from '../../ui/format';
import { useReader } from '../team/session';
import { CountSupply } from './CountSupply';
import classes from './Shelf.module.css';

type Line = Schemas['NeededLine'];

/** What is to be ordered. */
export interface Wanting {
  kind: 'POT' | 'INGREDIENT' | 'SUPPLY';
  code: string;
  amount: number;
  supplier: string;
}

const WEEKS = [2, 4, 8, 12, 26];

const KINDS: Record<Line['kind'], string> = { POT: 'Pot', INGREDIENT: 'Ingredient', FEED: 'Feed', SUNDRY: 'Sundries' };

/** An amount in its unit. */
function amountWords(amount: number, unit: string, units: Units): string {
  if (unit === 'L') return say(litres(amount, units));
  if (unit === 'g') return say(mass(amount, units));
  return String(Math.round(amount));
}

/** Feed and sundries, which are counted here. */
const counted = (line: Line) => line.kind === 'FEED' || line.kind === 'SUNDRY';

/** Only what is kept somewhere, and of which a pack is known, can be ordered from here. */
function wanting(line: Line): Wanting | null {
  if (line.wanting <= 0) return null;
  if (line.bags !== null) return { kind: counted(line) ? 'SUPPLY' : 'INGREDIENT', code: line.code, amount: line.bags, supplier: line.supplier };
  return line.kind === 'POT' && line.stock !== null ? { kind: 'POT', code: line.code, amount: Math.ceil(line.wanting), supplier: line.supplier } : null;
}

/** Whole bags or packs to order. */
function packs(line: Line): string {
  const one = counted(line) ? 'pack' : 'bag';
  return line.bags === 1 ? `one ${one}` : `${line.bags ?? 0} ${one}s`;
}

/** What the jobs of the next weeks need, against what stands there and what comes. */
export function Needed({ order }: { order: (what: Wanting) => void }) {
  const { units } = useReader();
  const [weeks, setWeeks] = useState(4);
  const [all, setAll] = useState(false);
  const [counting, setCounting] = useState<Line | null>(null);
  const { data } = useQuery(reads.needed(weeks));
  if (!data) return null;
  const short = data.lines.filter((l) => l.wanting > 0);
  const shown = all ? data.lines : short;
  return (
    <div className={classes.needed}>
      <header>
        <h3>What the next weeks need</h3>
        <span className={page.tools}>
          <NativeSelect aria-label="How far ahead" value={String(weeks)} data={WEEKS.map((w) => ({ value: String(w), label: `${w} weeks` }))} onChange={(e) => setWeeks(Number(e.currentTarget.value))} />
          {data.lines.length > short.length && (
            <Button variant="default" aria-expanded={all} onClick={() => setAll(!all)}>
              {all ? 'Only what is wanting' : `All ${data.lines.length} things`}
            </Button>
          )}
          <Button component="a" variant="subtle" href={`/api/orders/needed.csv?weeks=${weeks}`}>
            Save as CSV
          </Button>
        </span>
      </header>
      {data.unplanned > 0 && (
        <p>
          {data.unplanned === 1 ? 'One repot of these weeks has no pot chosen yet and is' : `${data.unplanned} repots of these weeks have no pot chosen yet and are`} not counted here. <Link to="/season">Plan the season</Link> first.
        </p>
      )}
      {data.lines.length === 0 ? (
        <p>No job of these weeks needs anything yet.</p>
      ) : shown.length === 0 ? (
        <p>What is counted is enough for every job planned until {day(data.until)}.</p>
      ) : (
        <div className={page.scroll}>
          <table className={page.table}>
            <thead>
              <tr>
                <th scope="col">What</th>
                <th scope="col">Needed</th>
                <th scope="col">From</th>
                <th scope="col">Stands there</th>
                <th scope="col">Comes</th>
                <th scope="col">Wanting</th>
                <th scope="col">From whom</th>
                <th scope="col" />
              </tr>
            </thead>
            <tbody>
              {shown.map((l) => {
                const what = wanting(l);
                return (
                  <tr key={l.kind + l.code} data-wanting={l.wanting > 0}>
                    <td>
                      {l.label} <small className={page.soft}>{KINDS[l.kind]}</small>
                    </td>
                    <td className="measure">{amountWords(l.amount, l.unit, units)}</td>
                    <td className="measure">{day(l.firstOn)}</td>
                    <td className="measure">
                      {counted(l) ? (
                        <UnstyledButton className={classes.countIt} aria-label={`Count ${l.label}`} onClick={() => setCounting(l)}>
                          {l.stock === null ? 'Count it' : amountWords(l.stock, l.unit, units)}
                        </UnstyledButton>
                      ) : l.stock === null ? (
                        '–'
                      ) : (
                        amountWords(l.stock, l.unit, units)
                      )}
                    </td>
                    <td className="measure">{l.onItsWay > 0 ? amountWords(l.onItsWay, l.unit, units) : '–'}</td>
                    <td className="measure">
                      {l.wanting > 0 ? amountWords(l.wanting, l.unit, units) : '–'}
                      {l.bags !== null && ` (${packs(l)})`}
                    </td>
                    <td>{l.supplier}</td>
                    <td>
                      {what && (
                        <Button variant="default" size="compact-md" aria-label={`Order ${l.label}`} onClick={() => order(what)}>
                          Order
                        </Button>
                      )}
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        </div>
      )}
      {counting && <CountSupply line={counting} close={() => setCounting(null)} />}
    </div>
  );
}
