import { Button } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { reads } from '../../api/reads';
import page from '../../ui/Page.module.css';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { dayYear } from '../../ui/format';
import { lightWords } from '../../ui/words';
import { useReader } from '../team/session';
import { PlaceForm, type PlaceEdit } from './PlaceForm';
import { openWords, planWords } from './visits';
import { SiteRecords } from './SiteRecords';
import { Visited } from './Visited';
import { passingWords } from './words';
import classes from './Places.module.css';

/** One site: how to get in, and the spots where plants stand. */
export function SitePage() {
  const { id = '' } = useParams();
  const { mayWork } = useReader();
  const [edit, setEdit] = useState<PlaceEdit | null>(null);
  const { data, error, refetch } = useQuery(reads.site(id));
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data) return <Waiting />;
  const { site, spots } = data;
  return (
    <>
      <title>{`${site.name} · Happy Saucer`}</title>
      <div className={page.head}>
        <div>
          <h1>{site.name}</h1>
          <p>
            <Link to="/clients">{data.clientName}</Link>
          </p>
        </div>
        <div className={page.tools}>
          <Button component={Link} to={`/plants?site=${site.id}`} variant="default">
            Its {site.plants} plants
          </Button>
          <Button component={Link} to={`/labels?site=${site.id}&name=${encodeURIComponent(site.name)}`} variant="default">
            Labels
          </Button>
          {mayWork && (
            <Button variant="default" onClick={() => setEdit({ kind: 'site', clientId: site.clientId, site })}>
              Edit
            </Button>
          )}
          {mayWork && (
            <Button component={Link} to="enter" variant="default">
              Paste many
            </Button>
          )}
          {mayWork && (
            <Button component={Link} to="add">
              Add a plant
            </Button>
          )}
        </div>
      </div>
      <div className={classes.site}>
        <dl className={classes.facts}>
          <dt>Access</dt>
          <dd>{site.accessNote || 'Nothing noted.'}</dd>
          <dt>Visited</dt>
          <dd>
            {planWords(site.visits)}
            {site.nextVisit && `; next on ${dayYear(site.nextVisit)}`}
          </dd>
          {openWords(site.visits).length > 0 && (
            <>
              <dt>Open</dt>
              {openWords(site.visits).map((w) => (
                <dd key={w}>{w}</dd>
              ))}
            </>
          )}
          <dt>Who comes past</dt>
          <dd>{passingWords(site.siteUse)}</dd>
          <dt>Lies at</dt>
          <dd className="measure">
            {site.latitude.toFixed(2)}°, {site.longitude.toFixed(2)}°{site.outdoors && ', outdoors'}
          </dd>
        </dl>
        <section aria-labelledby="spots">
          <div className={classes.spotsHead}>
            <h2 id="spots">Spots</h2>
            {mayWork && (
              <Button variant="default" size="sm" onClick={() => setEdit({ kind: 'spot', siteId: site.id })}>
                Add a spot
              </Button>
            )}
          </div>
          {spots.length === 0 && <p>No spot yet. Add one, or enter plants: new spots are made from what you paste.</p>}
          <ul className={classes.spots}>
            {spots.map((s) => (
              <li key={s.id}>
                <Link to={`/plants?spot=${s.id}`}>
                  <strong>{s.name}</strong>
                  <span>{lightWords(s.light)}</span>
                  <span>
                    <b className="measure">{s.plants}</b> {s.plants === 1 ? 'plant' : 'plants'}
                  </span>
                </Link>
                {mayWork && (
                  <Button component={Link} variant="subtle" size="sm" to={`add?spot=${s.id}`} aria-label={`Add a plant at ${s.name}`}>
                    Add
                  </Button>
                )}
                {mayWork && (
                  <Button variant="subtle" size="sm" aria-label={`Edit ${s.name}`} onClick={() => setEdit({ kind: 'spot', siteId: site.id, spot: s })}>
                    Edit
                  </Button>
                )}
              </li>
            ))}
          </ul>
          <Visited siteId={site.id} />
          <SiteRecords siteId={site.id} />
        </section>
      </div>
      <PlaceForm edit={edit} close={() => setEdit(null)} />
    </>
  );
}
