import { Link } from 'react-router';

export function NotFound() {
  return (
    <div style={{ maxWidth: 560 }}>
      <title>Nothing here · Happy Saucer</title>
      <h1>There is nothing at this address</h1>
      <p>The link may be old, or a letter may be missing.</p>
      <p>
        <Link to="/">Back to the round</Link> or <Link to="/plants">find a plant</Link>.
      </p>
    </div>
  );
}
