import { Button, TextInput } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import page from '../../ui/Page.module.css';
import { PotGlyph } from '../../ui/PotGlyph';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { day, hour } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
import { actionWords, placeWords } from '../../ui/words';
import { TookIt } from '../plant/TookIt';
import { useReader } from '../team/session';
import { CareStep } from './CareStep';
import { WetCurve } from './WetCurve';
import classes from './Watch.module.css';

type Watched = Schemas['WatchedPlant'];

const LEVELS: Record<string, string> = { ALARM: 'In trouble', WORRY: 'Worrying', WATCH: 'Keep an eye on it', CALM: 'Goes as it should' };

/** From then on it can be told how a repot was taken, days. */
const TOLD_FROM = 21;
const REASONS = 3;

/** Every plant that recovers from its repot, what presses most first. */
export function WatchPage() {
  const { data, error, refetch } = useQuery(reads.watch());
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data) return <Waiting />;
  const pressing = data.plants.length - data.calm;
  return (
    <>
      <title>Aftercare · Happy Saucer</title>
      <div className={page.head}>
        <div>
          <h1>Aftercare</h1>
          <p>
            {data.plants.length === 0
              ? 'No plant recovers from a repot just now.'
              : `${data.plants.length} ${data.plants.length === 1 ? 'plant recovers' : 'plants recover'}: ${pressing === 0 ? 'all go as they should' : `${pressing} to keep an eye on, ${data.calm} as they should be`}.`}
          </p>
        </div>
      </div>
      <ul className={classes.key} aria-label="How to read the drawings">
        <li><i className={classes.keyWater} /> how wet it should be</li>
        <li><i className={classes.keyDrop} /> watered</li>
        <li><i className={classes.keyWet} /> found wet</li>
        <li><i className={classes.keyDry} /> found dry</li>
      </ul>
      <ol className={classes.watch}>
        {data.plants.map((p) => (
          <Plant key={p.plantId} plant={p} today={data.today} />
        ))}
      </ol>
      {data.plants.length === 0 && (
        <p>
          Once a repot is finished on its bench sheet, its plant stands here until somebody has told how it took. <Link to="/jobs">Jobs</Link>
        </p>
      )}
    </>
  );
}

function Plant({ plant: p, today }: { plant: Watched; today: string }) {
  const { units, mayWork } = useReader();
  return (
    <li data-level={p.level} aria-label={`${p.commonName} ${p.label}`}>
      <Link to={`/plants/${p.plantId}`} className={classes.who}>
        <PotGlyph
          pot={{ topMm: p.potTopMm, baseMm: p.potBaseMm, heightMm: p.potHeightMm }}
          saucer={p.level === 'ALARM' ? 'URGENT' : 'IN_AFTERCARE'}
          rootFill={p.rootFill}
          waterLeft={p.waterLeft}
          units={units}
        />
        <span>
          <strong>{p.commonName}</strong> <span className="measure">{p.label}</span>
          <small>{placeWords(p.siteName, p.spotName)}</small>
          <small>
            {actionWords(p.action)}, {day(p.doneOn)}
          </small>
        </span>
      </Link>
      <div className={classes.how}>
        <p className={classes.level}>
          <strong>{LEVELS[p.level] ?? p.level}</strong> <span className="measure">day {p.day}</span>
        </p>
        <ul>
          {p.reasons.slice(0, REASONS).map((r) => (
            <li key={r}>{r}</li>
          ))}
        </ul>
      </div>
      <WetCurve plant={p} today={today} />
      {p.now && (
        <div className={classes.now}>
          <p>
            <b>Now:</b> {p.now.text} <span className={classes.again}>Look again {p.now.againOn <= today ? 'today' : `on ${day(p.now.againOn)}`}.</span>
          </p>
          {mayWork && (
            <Button component={Link} to={`/plants/${p.plantId}/check`} aria-label={`Check ${p.commonName} ${p.label}`}>
              {p.now.look ? 'Look at its roots' : 'Check it'}
            </Button>
          )}
        </div>
      )}
      {p.reports.map((r) => (
        <Told key={r.id} report={r} />
      ))}
      {(p.due.length > 0 || p.next) && (
        <ol className={classes.steps}>
          {p.due.map((s) => (
            <CareStep key={s.id} step={s} plantId={p.plantId} />
          ))}
          {p.due.length === 0 && p.next && (
            <li className={classes.next}>
              Next, from <span className="measure">{day(p.next.fromOn)}</span>: {p.next.text}
            </li>
          )}
        </ol>
      )}
      {mayWork && p.day >= TOLD_FROM && (
        <div className={classes.took}>
          <TookIt job={{ id: p.jobId, doneOn: p.doneOn }} plantId={p.plantId} />
        </div>
      )}
    </li>
  );
}

/** What whoever waters has told, and what they are answered. */
function Told({ report: r }: { report: Schemas['ReportView'] }) {
  const { mayWork } = useReader();
  const [words, setWords] = useState('');
  const answer = useWrite(writes.answerReport, { done: () => notifyDone('Answered; it stands on their page.') });
  return (
    <div className={classes.told}>
      <p>
        <b>Told by whoever waters</b>, {day(r.receivedAt.slice(0, 10))} {hour(r.receivedAt)}: “{r.words}”{' '}
        {r.photoId && (
          <a href={`/api/photos/${r.photoId}`} target="_blank" rel="noreferrer">
            the photo
          </a>
        )}
      </p>
      {mayWork && (
        <form
          onSubmit={(e) => {
            e.preventDefault();
            answer.mutate({ id: r.id, words: words.trim() });
          }}
        >
          <TextInput aria-label="Answer them" placeholder="Leave it dry; we come on Monday." value={words} maxLength={400} onChange={(e) => setWords(e.currentTarget.value)} />
          <Button type="submit" variant="default" loading={answer.isPending}>
            {words.trim() ? 'Answer' : 'Seen to'}
          </Button>
        </form>
      )}
    </div>
  );
}
