import { Button } from '@mantine/core';
import { Link } from 'react-router';
import { sayProblem } from '../api/problem';

/** A screen that could not be shown: what happened and the way on. */
export function Trouble({ error, again }: { error: unknown; again?: () => void }) {
  const { title, text } = sayProblem(error);
  return (
    <div role="alert" style={{ padding: '40px 24px', maxWidth: 560 }}>
      <h1 style={{ fontSize: '1.5rem', marginTop: 0 }}>{title}</h1>
      <p>{text}</p>
      <div style={{ display: 'flex', gap: 16, alignItems: 'center' }}>
        {again && <Button onClick={again}>Try again</Button>}
        <Link to="/">Back to the round</Link>
      </div>
    </div>
  );
}
