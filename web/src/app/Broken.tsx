import { Button } from '@mantine/core';
import { Link, useRouteError } from 'react-router';

const STALE = /dynamically imported module|Importing a module script failed|error loading dynamically/i;

/** A screen that broke while it was drawn, in our own words. What was tapped lies in the tab and comes back. */
export function Broken() {
  const error = useRouteError();
  const words = error instanceof Error ? error.message : String(error);
  const stale = STALE.test(words);
  return (
    <div role="alert" style={{ maxWidth: 560, padding: '24px 0' }}>
      <title>Something broke · Happy Saucer</title>
      <h1>{stale ? 'This screen could not be fetched' : 'This screen broke'}</h1>
      <p>
        {stale
          ? 'The app may have been brought up to date meanwhile, or there is no connection.'
          : 'The fault is ours. What is saved is safe, and what you had tapped of a check is kept on this device.'}
      </p>
      <p style={{ display: 'flex', gap: 16, alignItems: 'center' }}>
        <Button onClick={() => window.location.reload()}>Open it again</Button>
        <Link to="/">Back to the round</Link>
      </p>
      {!stale && <p style={{ color: 'var(--hs-ink-soft)', fontSize: '0.86rem' }}>For whoever runs the server: {words}</p>}
    </div>
  );
}
