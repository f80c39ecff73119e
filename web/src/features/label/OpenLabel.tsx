import { useQuery } from '@tanstack/react-query';
import { Link, Navigate, useParams } from 'react-router';
import { reads } from '../../api/reads';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { target } from '../find/pages';

/** Opens what a label is on. */
export function OpenLabel() {
  const { code = '' } = useParams();
  const { data, error, refetch } = useQuery(reads.find(`/q/${code}`));
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data) return <Waiting />;
  const [found] = data;
  if (found) return <Navigate to={target(found)} replace />;
  return (
    <>
      <title>Label · Happy Saucer</title>
      <h1>Nothing has this label</h1>
      <p>
        What it was on is no longer on record here, or the label is another team’s. <Link to="/plants">All plants</Link>
      </p>
    </>
  );
}
