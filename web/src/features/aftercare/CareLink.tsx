import { Button, CopyButton } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { reads } from '../../api/reads';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { dayYear } from '../../ui/format';
import { useReader } from '../team/session';
import { Reminded } from './Reminded';
import classes from './CardPage.module.css';

const SIZES = [
  { size: 'A4', words: 'A4' },
  { size: 'LETTER', words: 'Letter' },
  { size: 'HALF', words: 'Half a page' },
  { size: 'LABEL', words: 'Label for the pot' },
] as const;

/** The card on paper, and the page that whoever waters opens without an account. */
export function CareLink({ jobId }: { jobId: string }) {
  const { mayWork } = useReader();
  const { data } = useQuery(reads.careLink(jobId));
  const open = useWrite(writes.openCareLink);
  return (
    <section className={`${classes.link} no-print`} aria-labelledby="care-link">
      <div>
        <h2 id="care-link">For whoever waters</h2>
        <p>
          On paper:{' '}
          {SIZES.map((s) => (
            <a key={s.size} href={`/api/jobs/${jobId}/card/sheet?size=${s.size}`} target="_blank" rel="noreferrer">
              {s.words}
            </a>
          ))}
        </p>
        {data?.path && data.address ? (
          <>
            <p>
              A page of their own, without an account, until {data.expiresOn && dayYear(data.expiresOn)}. It was opened {data.opened === 1 ? 'once' : `${data.opened} times`}
              {data.refused > 0 && `; ${data.refused} things sent to it were refused`}. The code on paper leads to it.
            </p>
            <p className={classes.address}>
              <a href={data.path} target="_blank" rel="noreferrer">
                {data.address}
              </a>
            </p>
            {!data.reached && <p>Only this machine reaches that address: start the server for other devices before you give it away.</p>}
            <div className={classes.linkActs}>
              <CopyButton value={data.address}>
                {({ copied, copy }) => (
                  <Button variant="default" onClick={copy}>
                    {copied ? 'Copied' : 'Copy the address'}
                  </Button>
                )}
              </CopyButton>
              {mayWork && (
                <Button variant="subtle" color="oxblood" loading={open.isPending} onClick={() => open.mutate({ jobId, open: false })}>
                  End this page for good
                </Button>
              )}
            </div>
            <Reminded jobId={jobId} />
          </>
        ) : (
          <>
            <p>There is no page for them yet. With one they see the days of water as they stand, say that they watered, and tell when something looks wrong.</p>
            {mayWork && data && (
              <Button loading={open.isPending} onClick={() => open.mutate({ jobId, open: true })}>
                Open a page for them
              </Button>
            )}
          </>
        )}
      </div>
      {data?.code && <img src={`data:image/svg+xml;utf8,${encodeURIComponent(data.code)}`} alt="Code that leads to their page" width={150} height={150} />}
    </section>
  );
}
