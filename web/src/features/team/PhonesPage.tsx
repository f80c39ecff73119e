import { useQuery } from '@tanstack/react-query';
import type { Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import page from '../../ui/Page.module.css';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { dayYear } from '../../ui/format';
import classes from './PhonesPage.module.css';

/** How a phone comes in securely, so that its camera works and nobody reads along. */
export function PhonesPage() {
  const { data, error, refetch } = useQuery(reads.trust());
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data) return <Waiting />;
  return (
    <>
      <title>Phones · Happy Saucer</title>
      <div className={page.head}>
        <div>
          <h1>Phones</h1>
          <p>A phone of the team comes in over a secure page: then its camera reads labels as they are held before it, and nobody reads along.</p>
        </div>
      </div>
      {data.fingerprint ? <Own trust={data} fingerprint={data.fingerprint} /> : <None trust={data} />}
    </>
  );
}

function Own({ trust, fingerprint }: { trust: Schemas['TrustView']; fingerprint: string }) {
  return (
    <div className={classes.phones}>
      {trust.code && (
        <figure>
          <img src={`data:image/svg+xml,${encodeURIComponent(trust.code)}`} alt={`Code that leads to ${trust.pages[0] ?? ''}`} />
          <figcaption>
            Hold the phone’s camera over it, or write
            {trust.pages.map((p) => (
              <code key={p}>{p}</code>
            ))}
          </figcaption>
        </figure>
      )}
      <div>
        <h2>Fingerprint</h2>
        <p className={`${classes.fingerprint} measure`}>{fingerprint}</p>
        {trust.until && <p className={classes.soft}>Its authority lasts until {dayYear(trust.until)}.</p>}
        <h2>On the phone</h2>
        <ol>
          {trust.steps.map((s) => (
            <li key={s}>{s}</li>
          ))}
        </ol>
        <p className={classes.care}>{trust.caution}</p>
      </div>
    </div>
  );
}

function None({ trust }: { trust: Schemas['TrustView'] }) {
  if (trust.secure) return <p>This page is secure already: a phone that opens the same address needs nothing more.</p>;
  return (
    <div className={classes.none}>
      <p>{trust.onlyHere ? 'This server answers this computer only, and its page is not secure.' : 'The page of this server is not secure.'} Who runs the server starts it with</p>
      <pre className="measure">bin/run --host 0.0.0.0 --https</pre>
      <p>
        That makes an authority of the team’s own, and this page then shows each phone how to trust it. A team that has a certificate gives it with <code>--cert</code>{' '}
        and <code>--key</code>. Until then phones read labels from a photo.
      </p>
    </div>
  );
}
