import type { Schemas } from '../api/client';
import { countsForLess, signed, weightWords } from './evidence';
import { evidenceWords, findingWords } from './words';
import classes from './EvidenceList.module.css';

const FULL = 20;

/** What nobody saw stays a suspicion: that is no line to argue with, somebody has to look. */
const LIMIT = 'ROOTS_UNSEEN';

interface Props {
  findings: Schemas['Finding'][];
  signLabel: (code: string) => string;
  /** What stands beside a line, for whoever may argue with it. */
  beside?: (sign: string, setAside: boolean) => React.ReactNode;
}

const STRENGTH: Record<string, string> = {
  NONE: 'does not stand',
  WEAK: 'weak',
  MODERATE: 'stands',
  STRONG: 'strong',
  DECISIVE: 'decisive',
};

/** Weight as a beam from the middle: right for, left against. */
export function Beam({ weight }: { weight: number }) {
  return (
    <div className={classes.beam} aria-hidden>
      <i data-against={weight < 0} style={{ width: `${Math.min(50, (Math.abs(weight) / FULL) * 50)}%` }} />
    </div>
  );
}

/** Each finding with its lines for and against, so that someone who disagrees can see which line. */
export function EvidenceList({ findings, signLabel, beside }: Props) {
  if (findings.length === 0) return <p>Nothing has been looked at yet.</p>;
  return (
    <div className={classes.list}>
      {findings.map((f) => (
        <section key={f.code}>
          <h4>
            {findingWords(f.code)}: {STRENGTH[f.strength] ?? f.strength}
            {f.grade && <span>, {f.grade.toLowerCase()}</span>}
            <span className={`measure ${classes.desk}`}> {signed(f.decibans)}</span>
          </h4>
          <ul>
            {f.evidence.map((e) => (
              <li key={e.sign + e.why}>
                <div className={classes.head}>
                  <span>{evidenceWords(e.sign, signLabel)}</span>
                  <span>
                    {weightWords(e.weight)} <span className={`measure ${classes.desk}`}>{signed(e.weight)}</span>
                  </span>
                </div>
                <Beam weight={e.weight} />
                <div className={classes.why}>
                  <p>{e.why}</p>
                  {e.sign !== LIMIT && beside?.(e.sign, false)}
                </div>
              </li>
            ))}
            {f.discounted.map((d) => (
              <li key={d.sign + d.why} className={countsForLess(f, d.sign) ? undefined : classes.discounted}>
                <div className={classes.head}>
                  <span>{evidenceWords(d.sign, signLabel)}</span>
                  <span>{d.setAside ? 'set aside' : countsForLess(f, d.sign) ? 'counts for less' : 'discounted'}</span>
                </div>
                <div className={classes.why}>
                  <p>{d.why}</p>
                  {d.setAside && beside?.(d.sign, true)}
                </div>
              </li>
            ))}
          </ul>
        </section>
      ))}
    </div>
  );
}
