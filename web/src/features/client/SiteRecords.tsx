import { Button } from '@mantine/core';
import { useState } from 'react';
import { DateField } from '../../ui/DateField';
import { addDays } from '../../ui/format';
import { useReader } from '../team/session';
import classes from './Places.module.css';

/** What was done here in a time, as a PDF for a client who asks. */
export function SiteRecords({ siteId }: { siteId: string }) {
  const { today, paper } = useReader();
  const [from, setFrom] = useState(addDays(today, -90));
  const [to, setTo] = useState(today);
  const wrong = from && to && to < from ? 'It ends before it begins.' : undefined;
  return (
    <section aria-labelledby="records">
      <h2 id="records">Records for the client</h2>
      <p>What was done to which plant, when and by whom, with photos.</p>
      <div className={classes.records}>
        <DateField label="From" value={from} change={setFrom} max={today} />
        <DateField label="To" value={to} change={setTo} max={today} error={wrong} />
        {from && to && !wrong && (
          <Button component="a" variant="default" href={`/api/sites/${siteId}/records?from=${from}&to=${to}&paper=${paper}`} target="_blank" rel="noreferrer">
            As a PDF
          </Button>
        )}
      </div>
    </section>
  );
}
