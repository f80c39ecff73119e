import type { Schemas } from '../../api/client';
import { Measure } from '../../ui/Measure';
import { days, length, litres, mass, share, width, type Units } from '../../ui/format';
import { plain } from '../../ui/words';
import { corners, points } from '../../ui/potShape';
import classes from './Candidates.module.css';

interface Props {
  candidates: Schemas['Candidate'][];
  chosen: string | null;
  choose: (id: string) => void;
  units: Units;
}

/** Pots side by side: those that pass can be picked up, those that fail say why. */
export function Candidates({ candidates, chosen, choose, units }: Props) {
  const passing = candidates.filter((c) => c.rank !== null);
  const failing = candidates.filter((c) => c.rank === null);
  return (
    <section aria-labelledby="pots">
      <h2 id="pots" className={classes.title}>
        Pots compared
      </h2>
      {passing.length === 0 && <p>No pot passes.</p>}
      {passing.length > 0 && (
        <div className={classes.scroll}>
          <table className={classes.pots}>
            <thead>
              <tr>
                <th scope="col">Pot</th>
                <th scope="col">Over the ball</th>
                <th scope="col">Ball fills</th>
                <th scope="col">Gap at wall</th>
                <th scope="col">Fresh</th>
                <th scope="col">Air</th>
                <th scope="col">Ring stays wet</th>
                <th scope="col">Then water every</th>
                <th scope="col">Tips at</th>
                <th scope="col">Wet</th>
              </tr>
            </thead>
            <tbody>
              {passing.map((c) => (
                <tr key={c.id} data-chosen={c.id === chosen}>
                  <th scope="row">
                    <label className={classes.pick}>
                      <input type="radio" name="pot" checked={c.id === chosen} onChange={() => choose(c.id)} />
                      <MiniPot pot={c.pot} />
                      <span>
                        <Measure of={width(c.pot.topMm, units)} />{' '}
                        <span className={classes.material}>
                          {c.id === 'current' ? 'the same pot' : plain(c.material).toLowerCase()}
                        </span>
                      </span>
                    </label>
                  </th>
                  <td><Measure of={length(c.stepMm, units)} /></td>
                  <td><Measure of={share(c.ballShare)} /></td>
                  <td><Measure of={length(c.clearanceMm, units)} /></td>
                  <td><Measure of={litres(c.freshLitres, units)} /></td>
                  <td><Measure of={share(c.airFilledPorosity)} /></td>
                  <td><Measure of={days(c.daysRingWet)} /></td>
                  <td><Measure of={days(c.daysToRefill)} /></td>
                  <td><Measure of={{ value: c.pushN.toFixed(0), unit: 'N' }} /></td>
                  <td><Measure of={mass(c.wetMassG, units)} /></td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      {passing.some((c) => c.remarks.length > 0) && (
        <ul className={classes.remarks}>
          {passing.flatMap((c) =>
            c.remarks.map((r) => (
              <li key={c.id + r.code}>
                <Measure of={width(c.pot.topMm, units)} size="sm" /> {plain(c.material).toLowerCase()}: {r.text}
              </li>
            )),
          )}
        </ul>
      )}
      {failing.length > 0 && (
        <details className={classes.failing}>
          <summary>{failing.length} sizes will not do</summary>
          <ul>
            {failing.map((c) => (
              <li key={c.id}>
                <Measure of={width(c.pot.topMm, units)} size="sm" /> {plain(c.material).toLowerCase()}:{' '}
                {c.failures.map((f) => f.text).join(' ')}
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}

function MiniPot({ pot }: { pot: Schemas['Outline'] }) {
  const scale = 0.09;
  const s = { topMm: pot.topMm * scale, baseMm: pot.baseMm * scale, heightMm: pot.heightMm * scale };
  return (
    <svg width={44} height={40} viewBox="0 0 44 40" aria-hidden className={classes.mini}>
      <polygon points={points(corners(s, 22, 38))} />
    </svg>
  );
}
