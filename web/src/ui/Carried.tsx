import type { Schemas } from '../api/client';
import { Beam } from './EvidenceList';
import { carrying, countsForLess, signed, weightWords } from './evidence';
import { evidenceWords, findingWords } from './words';
import classes from './CallPanel.module.css';

interface Props {
  findings: Schemas['Finding'][];
  signLabel: (code: string) => string;
}

const MOST_DISCOUNTED = 2;

/** The few lines that carried the call, for and against, and what was seen and does not count. */
export function Carried({ findings, signLabel }: Props) {
  const lines = carrying(findings);
  const discounted = findings.flatMap((f) => f.discounted.map((d) => ({ ...d, less: countsForLess(f, d.sign) }))).filter((d, i, all) => all.findIndex((o) => o.sign === d.sign) === i);
  if (lines.length === 0 && discounted.length === 0) return null;
  return (
    <section className={classes.carried}>
      <h3>What carried it</h3>
      <ul>
        {lines.map((l) => (
          <li key={l.finding + l.sign + l.weight}>
            <span>
              {evidenceWords(l.sign, signLabel)}
              <small> {l.weight < 0 ? 'against' : 'for'} {findingWords(l.finding).toLowerCase()}</small>
            </span>
            <Beam weight={l.weight} />
            <span className={classes.weight}>
              {weightWords(l.weight).split(' ')[0]} <span className="measure">{signed(l.weight)}</span>
            </span>
          </li>
        ))}
      </ul>
      {discounted.slice(0, MOST_DISCOUNTED).map((d) => (
        <p key={d.sign}>
          <b>
            {evidenceWords(d.sign, signLabel)} {d.less ? 'counts for less' : 'does not count'}
          </b>
          : {d.why}
        </p>
      ))}
      {discounted.length > MOST_DISCOUNTED && <p>{discounted.length - MOST_DISCOUNTED} more count for less or not at all; see below.</p>}
    </section>
  );
}
