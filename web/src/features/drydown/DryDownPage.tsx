import { SegmentedControl, Slider } from '@mantine/core';
import { useMediaQuery } from '@mantine/hooks';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import page from '../../ui/Page.module.css';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { day, days, litres, say, share, width as widthOf } from '../../ui/format';
import { plain } from '../../ui/words';
import { useReader } from '../team/session';
import { Chart } from './Chart';
import { Learning } from './Learning';
import { STRIP, daysWords, strip, wetRing, type Width } from './curves';
import classes from './DryDown.module.css';

type Stage = 'now' | 'first' | 'settled';

const STAGES: { value: Stage; label: string }[] = [
  { value: 'now', label: 'As it stands' },
  { value: 'first', label: 'Just potted' },
  { value: 'settled', label: 'Rooted through' },
];

/** How this plant's pot dries, and what a wider one would make of it. */
export function DryDownPage() {
  const { id = '' } = useParams();
  const plant = useQuery(reads.plant(id));
  const dry = useQuery(reads.dryDown(id));
  if (dry.error) return <Trouble error={dry.error} again={() => void dry.refetch()} />;
  if (plant.error) return <Trouble error={plant.error} />;
  if (!plant.data || !dry.data) return <Waiting />;
  return <Drawn plant={plant.data.plant} view={dry.data} />;
}

function Drawn({ plant, view }: { plant: Schemas['PlantView']['plant']; view: Schemas['DryDowns'] }) {
  const { units } = useReader();
  const best = view.widths.findIndex((w) => w.best);
  const [at, setAt] = useState(best < 0 ? Math.min(2, Math.max(0, view.widths.length - 1)) : best);
  const [stage, setStage] = useState<Stage>('now');
  const phone = useMediaQuery('(max-width: 48em)');
  const narrow = useMediaQuery('(max-width: 22em)');
  const w = view.widths[at];
  const curve = stage === 'now' || !w ? view.now : w[stage];
  const title = stage === 'now' || !w ? 'In its pot' : `${stage === 'first' ? 'Just potted' : 'Rooted through'} in ${say(widthOf(w.topMm, units))}`;
  return (
    <>
      <title>{`Water of ${plant.label} · Happy Saucer`}</title>
      <div className={page.head}>
        <div>
          <h1>How it dries</h1>
          <p>
            <Link to={`/plants/${plant.id}`}>
              {plant.commonName} <span className="measure">{plant.label}</span>
            </Link>
            , {plant.siteName}
          </p>
        </div>
        {w && <SegmentedControl aria-label="Which pot" value={stage} orientation={narrow ? 'vertical' : 'horizontal'} fullWidth={phone} w={phone ? '100%' : undefined} onChange={(s) => setStage(s as Stage)} data={STAGES} size="md" classNames={{ label: classes.stage }} />}
      </div>
      <div className={classes.bench}>
        <section aria-label="Dry-down">
          <Chart title={title} curve={curve} seen={stage === 'now' ? view.seen : []} felt={stage === 'now' ? view.felt : []} refillLeft={view.refillLeft} ringStands={stage === 'first' ? view.ringWetStands : null} />
          <dl className={classes.figures}>
            <Figure name={stage === 'first' ? 'Water it after, by the old ball' : 'Wants water after'} value={daysWords(curve)} />
            <Figure name="Hardly any air" value={curve.daysAirless ? say(days(curve.daysAirless)) : 'never'} />
            <Figure name="It drinks and loses" value={`${say(litres(curve.litresPerDay, units))} a day`} />
            <Figure name="A pour at that point" value={say(litres(curve.litres, units))} />
          </dl>
        </section>
        {w ? <Wider widths={view.widths} at={at} choose={(i) => { setAt(i); if (stage === 'now') setStage('first'); }} stands={view.ringWetStands} ball={plant.potTopMm} on={view.workDay} /> : <p className={classes.note}>It stands over water and wicks it up: what counts is how long its reservoir lasts, not how wide its pot is.</p>}
      </div>
      <Learning lessons={view.lessons} next={view.uncertaintyNext} seen={view.seen.length} />
    </>
  );
}

function Figure({ name, value }: { name: string; value: string }) {
  return (
    <div>
      <dt>{name}</dt>
      <dd className="measure">{value}</dd>
    </div>
  );
}

interface WiderProps {
  widths: Width[];
  at: number;
  choose: (index: number) => void;
  stands: number;
  ball: number;
  on: string;
}

/** One width and all that goes with it. */
function Wider({ widths, at, choose, stands, ball, on }: WiderProps) {
  const { units } = useReader();
  const w = widths[at];
  if (!w) return null;
  const widest = widths[widths.length - 1]?.topMm ?? w.topMm;
  return (
    <section className={classes.wider} aria-labelledby="wider">
      <h2 id="wider">Another pot, worked on {day(on)}</h2>
      <PotDrawn w={w} widest={widest} ball={ball} />
      <Slider
        aria-labelledby="wider"
        thumbLabel="Width of the pot"
        min={0}
        max={widths.length - 1}
        step={1}
        label={null}
        value={at}
        onChange={choose}
        marks={widths.flatMap((one, i) => (one.best ? [{ value: i }] : []))}
      />
      <p className={classes.chosen}>
        <b className="measure">{say(widthOf(w.topMm, units))}</b> wide, {plain(w.material).toLowerCase()}, {w.mixLabel.toLowerCase()}, {say(share(w.air))} air
        {w.best && ': the width the rules take'}
      </p>
      <Strips widths={widths} at={at} stands={stands} />
      {w.words.length > 0 && (
        <div role="status">
          <ul className={classes.words} data-fails={!w.passes}>
            {w.words.map((said) => (
              <li key={said}>{said}</li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}

function Strips({ widths, at, stands }: { widths: Width[]; at: number; stands: number }) {
  const w = widths[at];
  if (!w) return null;
  const rows = [
    { name: 'Ball, of the pot', value: say(share(w.ballShare)), ...strip(widths, (o) => o.ballShare, at) },
    { name: 'Fresh medium wet', ...wetRing(w.first.daysRingWet, stands), ...strip(widths, (o) => o.first.daysRingWet, at, stands) },
    { name: 'Hardly any air', value: say(days(w.first.daysAirless)), ...strip(widths, (o) => o.first.daysAirless, at) },
    { name: 'Water, at first', value: say(days(w.first.daysToRefill)), ...strip(widths, (o) => o.first.daysToRefill, at) },
    { name: 'Water, rooted through', value: say(days(w.settled.daysToRefill)), ...strip(widths, (o) => o.settled.daysToRefill, at) },
  ];
  return (
    <table className={classes.strips}>
      <tbody>
        {rows.map((r) => (
          <tr key={r.name} data-over={'over' in r && r.over}>
            <th scope="row">{r.name}</th>
            <td>
              <svg viewBox={`0 0 ${STRIP.width} ${STRIP.height}`} aria-hidden>
                {r.limit !== null && <line x1={0} x2={STRIP.width} y1={r.limit} y2={r.limit} className={classes.limit} />}
                <path d={r.line} className={classes.strip} />
                {r.at && <circle cx={r.at.x} cy={r.at.y} r={5} className={classes.here} />}
              </svg>
            </td>
            <td className="measure">
              {r.value}
              {'limitWords' in r && <small>{r.limitWords}</small>}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const DRAWN = { width: 300, height: 150 };

/** The ball it has now, in a pot of this width, to one scale for all widths. */
function PotDrawn({ w, widest, ball }: { w: Width; widest: number; ball: number }) {
  const s = Math.min((DRAWN.width - 20) / widest, (DRAWN.height - 20) / (widest * 0.92));
  const floor = DRAWN.height - 8;
  const mid = DRAWN.width / 2;
  const body = (top: number, base: number, from: number, to: number) =>
    `M${mid - (top * s) / 2},${floor - to * s} L${mid - (base * s) / 2},${floor - from * s} L${mid + (base * s) / 2},${floor - from * s} L${mid + (top * s) / 2},${floor - to * s} Z`;
  const rim = w.heightMm * 0.93;
  const side = Math.sqrt(w.ballShare);
  const high = Math.min(rim, ball * 0.86);
  const ballTop = Math.min(ball * 0.97, w.topMm * Math.max(side, 0.3));
  return (
    <svg viewBox={`0 0 ${DRAWN.width} ${DRAWN.height}`} className={classes.pot} role="img" aria-label={`The ball fills ${Math.round(w.ballShare * 100)} % of the pot`}>
      <path d={body(w.topMm * 0.985, w.topMm * 0.76, 0, rim)} className={classes.fresh} />
      <path d={body(ballTop, ballTop * 0.78, rim - high, rim)} className={classes.ball} />
      <path d={body(w.topMm, w.topMm * 0.76, 0, w.heightMm)} className={classes.wall} />
    </svg>
  );
}
