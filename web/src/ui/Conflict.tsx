import { Button } from '@mantine/core';
import type { Problem } from '../api/problem';
import classes from './Conflict.module.css';

interface Props {
  problem: Problem;
  labels: Record<string, string>;
  /** Whether the field was changed here; those that were not are kept as the other has them. */
  touched?: (field: string) => boolean;
  keepMine: () => void;
  takeTheirs: () => void;
}

const show = (v: unknown): string => (v === null || v === undefined || v === '' ? '–' : String(v));

/** Two people edited at once: side by side, and the person decides. */
export function Conflict({ problem, labels, keepMine, takeTheirs, touched = () => true }: Props) {
  return (
    <div className={classes.conflict} role="alert">
      <p>{problem.detail}</p>
      <table>
        <thead>
          <tr>
            <th scope="col" aria-label="Field" />
            <th scope="col">Yours</th>
            <th scope="col">Theirs</th>
          </tr>
        </thead>
        <tbody>
          {(problem.changes ?? []).map((c) => (
            <tr key={c.field}>
              <th scope="row">{labels[c.field] ?? c.field}</th>
              <td>{touched(c.field) ? show(c.yours) : 'not changed here; theirs is kept'}</td>
              <td>{show(c.theirs)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <div>
        <Button onClick={keepMine}>Save mine</Button>
        <Button variant="default" onClick={takeTheirs}>
          Take theirs
        </Button>
      </div>
    </div>
  );
}
