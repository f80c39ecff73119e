import type { Schemas } from '../api/client';
import { evidenceWords, plain } from './words';
import classes from './EvidenceList.module.css';

const FULL = 20;

interface Props {
  findings: Schemas['Finding'][];
  signLabel: (code: string) => string;
}

const STRENGTH: Record<string, string> = {
  NONE: 'does not stand',
  WEAK: 'weak',
  MODERATE: 'stands',
  STRONG: 'strong',
  DECISIVE: 'decisive',
};

/** Each finding with its lines for and against, so that someone who disagrees can see which line. */
export function EvidenceList({ findings, signLabel }: Props) {
  if (findings.length === 0) return <p>Nothing has been looked at yet.</p>;
  return (
    <div className={classes.list}>
      {findings.map((f) => (
        <section key={f.code}>
          <h4>
            {plain(f.code)}: {STRENGTH[f.strength] ?? f.strength}
            {f.grade && <span>, {f.grade.toLowerCase()}</span>}
            <span className="measure"> {signed(f.decibans)}</span>
          </h4>
          <ul>
            {f.evidence.map((e) => (
              <li key={e.sign + e.why}>
                <div className={classes.head}>
                  <span>{evidenceWords(e.sign, signLabel)}</span>
                  <span className="measure">{signed(e.weight)}</span>
                </div>
                <div className={classes.beam} aria-hidden>
                  <i
                    data-against={e.weight < 0}
                    style={{ width: `${Math.min(50, (Math.abs(e.weight) / FULL) * 50)}%` }}
                  />
                </div>
                <p>{e.why}</p>
              </li>
            ))}
            {f.discounted.map((d) => (
              <li key={d.sign + d.why} className={classes.discounted}>
                <div className={classes.head}>
                  <span>{signLabel(d.sign)}</span>
                  <span>discounted</span>
                </div>
                <p>{d.why}</p>
              </li>
            ))}
          </ul>
        </section>
      ))}
    </div>
  );
}

function signed(n: number): string {
  const rounded = Math.round(n * 10) / 10;
  return rounded > 0 ? `+${rounded}` : `${rounded}`.replace('-', '−');
}
