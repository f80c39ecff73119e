import { memo } from 'react';
import type { Schemas } from '../../api/client';
import { aboutMass, days, length, litres, push, share, type Measured, type Units } from '../../ui/format';
import { Measure } from '../../ui/Measure';
import { corners, points } from '../../ui/potShape';
import { measures } from '../../ui/sectionShape';
import { price } from '../shelf/words';
import { useReader } from '../team/session';
import { potName } from './question';
import classes from './PotTable.module.css';

type Candidate = Schemas['Candidate'];

interface Props {
  fit: Schemas['FitView'];
  plan: Schemas['Repot'];
  /** The pot that is drawn above. */
  shown: string | null;
  pick: (id: string) => void;
  units: Units;
}

const SCHOOLS = [
  { code: 'SMALL_STEP', label: 'Small step' },
  { code: 'SHARE', label: 'Share' },
  { code: 'GENEROUS', label: 'Generous step' },
];

/** What fails for one reason only, by a little, is of more interest than what fails for three. */
const nearestFirst = (a: Candidate, b: Candidate): number =>
  a.failures.length - b.failures.length || Math.abs(a.stepMm) - Math.abs(b.stepMm);

/** Every figure of a pot, in groups; the words are those of the section and the sheet. */
function figures(units: Units): { group: string; rows: [string, (c: Candidate) => Measured][] }[] {
  return [
    {
      group: 'Size',
      rows: [
        ['Over the ball', (c) => length(c.stepMm, units)],
        ['Ball fills', (c) => share(c.ballShare)],
        ['Gap at the wall', (c) => length(c.clearanceMm, units)],
        ['Rim gap', (c) => length(c.rimGapMm, units)],
        ['Base layer', (c) => length(c.baseLayerMm, units)],
      ],
    },
    {
      group: 'Medium',
      rows: [
        ['Holds when filled', (c) => litres(c.fillLitres, units)],
        ['Fresh medium', (c) => litres(c.freshLitres, units)],
        ['Holds water', (c) => share(c.containerCapacity)],
        ['Air left', (c) => share(c.airFilledPorosity)],
      ],
    },
    {
      group: 'Drying',
      rows: [
        ['Ring stays wet', (c) => days(c.daysRingWet)],
        ['Airless after watering', (c) => days(c.daysAirless)],
        ['Top dry after', (c) => days(c.daysToTopDry)],
        ['Then water every', (c) => days(c.daysToRefill)],
      ],
    },
    {
      group: 'Standing and lifting',
      rows: [
        ['Tips at a push of about', (c) => push(c.pushN, units)],
        ['Falls when tilted', (c) => ({ value: c.tiltDegrees.toFixed(0), unit: '°' })],
        ['Weighs dry about', (c) => aboutMass(c.dryMassG, units)],
        ['Weighs wet about', (c) => aboutMass(c.wetMassG, units)],
      ],
    },
  ];
}

/**
 * Pots side by side, each a column; those that fail are listed with their reasons beneath. It is long and only
 * depends on what is at hand, so it is not drawn again while a person moves a cut.
 */
export const PotTable = memo(function PotTable({ fit, plan, shown, pick, units }: Props) {
  const { currency } = useReader();
  const passing = plan.candidates.filter((c) => c.rank !== null);
  const failing = plan.candidates.filter((c) => c.rank === null).sort(nearestFirst);
  const tags = new Map(fit.pots.map((t) => [t.id, t]));
  const name = (c: Candidate): string => potName(fit, c, units);
  return (
    <section aria-labelledby="pots">
      <h2 id="pots" className={classes.title}>
        Pots compared
      </h2>
      <p className={classes.sizing}>{plan.sizing.join(' ')}</p>
      {passing.length > 0 && (
        <div className={classes.scroll}>
          <table className={classes.pots}>
            <thead>
              <tr>
                <th scope="col">{fit.keepsStock ? 'On the shelf' : 'Trade size'}</th>
                {passing.map((c) => (
                  <th key={c.id} scope="col" data-shown={c.id === shown}>
                    <label className={classes.pick}>
                      <MiniPot pot={c.pot} />
                      <span>{name(c)}</span>
                      <small className="measure">
                        {measures(c.pot, units)}
                      </small>
                      <input type="radio" name="pot" checked={c.id === shown} onChange={() => pick(c.id)} />
                    </label>
                  </th>
                ))}
              </tr>
            </thead>
            {fit.keepsStock && (
              <tbody>
                <Row name="Free" cells={passing.map((c) => ({ id: c.id, value: c.id === fit.openJob?.shelfPotId ? 'reserved for it' : (tags.get(c.id)?.free ?? '–') }))} shown={shown} />
                <Row name="Price" cells={passing.map((c) => ({ id: c.id, value: price(tags.get(c.id)?.priceCents ?? null, currency) }))} shown={shown} />
                <Row
                  name="Stands in cover"
                  cells={passing.map((c) => ({ id: c.id, value: tags.get(c.id)?.covers.map((f) => f.name).join(', ') || '–' }))}
                  shown={shown}
                  wordy
                />
              </tbody>
            )}
            {figures(units).map(({ group, rows }) => (
              <tbody key={group}>
                <tr className={classes.group}>
                  <th scope="rowgroup" colSpan={passing.length + 1}>
                    {group}
                  </th>
                </tr>
                {rows.map(([label, of]) => (
                  <Row key={label} name={label} cells={passing.map((c) => ({ id: c.id, value: <Measure of={of(c)} /> }))} shown={shown} />
                ))}
              </tbody>
            ))}
            <tbody>
              <tr className={classes.group}>
                <th scope="rowgroup" colSpan={passing.length + 1}>
                  Schools that would take it
                </th>
              </tr>
              {SCHOOLS.map((s) => (
                <Row
                  key={s.code}
                  name={s.code === fit.potStep ? `${s.label}, the method’s own` : s.label}
                  strong={s.code === fit.potStep}
                  cells={passing.map((c) => ({ id: c.id, value: c.schools.includes(s.code) ? 'yes' : 'no' }))}
                  shown={shown}
                />
              ))}
            </tbody>
          </table>
        </div>
      )}
      {passing.some((c) => c.remarks.length > 0) && (
        <ul className={classes.remarks}>
          {passing.flatMap((c) =>
            c.remarks.map((r) => (
              <li key={c.id + r.text}>
                <b>{name(c)}</b>: {r.text}
              </li>
            )),
          )}
        </ul>
      )}
      {fit.taken.length > 0 && (
        <details className={classes.failing}>
          <summary>{fit.taken.length === 1 ? 'One pot is' : `${fit.taken.length} pots are`} reserved for other plants</summary>
          <ul>
            {fit.taken.map((t) => (
              <li key={t.candidate.id}>
                <b>{t.name}</b> ({t.candidate.rank === null ? t.candidate.failures.map((f) => f.text).join(' ') : 'would do'}), for{' '}
                {t.by.map((r) => `${r.commonName} ${r.label}`).join(', ')}
              </li>
            ))}
          </ul>
        </details>
      )}
      {failing.length > 0 && (
        <details className={classes.failing} open={passing.length === 0}>
          <summary>{failing.length === 1 ? 'One pot' : `${failing.length} pots`} will not do, and why</summary>
          <ul>
            {failing.map((c) => (
              <li key={c.id} data-shown={c.id === shown}>
                <button type="button" className={classes.draw} onClick={() => pick(c.id)}>
                  {name(c)}
                </button>
                <span>{c.failures.map((f) => f.text).join(' ')}</span>
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
});

interface RowProps {
  name: string;
  cells: { id: string; value: React.ReactNode }[];
  shown: string | null;
  strong?: boolean;
  wordy?: boolean;
}

function Row({ name, cells, shown, strong = false, wordy = false }: RowProps) {
  return (
    <tr data-strong={strong}>
      <th scope="row">{name}</th>
      {cells.map((c) => (
        <td key={c.id} data-shown={c.id === shown} className={wordy ? classes.wordy : 'measure'}>
          {c.value}
        </td>
      ))}
    </tr>
  );
}

function MiniPot({ pot }: { pot: Schemas['Outline'] }) {
  const scale = 44 / Math.max(pot.topMm, pot.heightMm, 300);
  const s = { topMm: pot.topMm * scale, baseMm: pot.baseMm * scale, heightMm: pot.heightMm * scale };
  return (
    <svg width={48} height={46} viewBox="0 0 48 46" aria-hidden className={classes.mini}>
      <polygon points={points(corners(s, 24, 44))} />
    </svg>
  );
}
