import { Button } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import page from '../../ui/Page.module.css';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { moment } from '../../ui/format';
import { messageKindWords, messageStatusWords } from '../../ui/words';
import { useReader } from '../team/session';
import { Wording } from './Wording';
import classes from './Messages.module.css';

type Messages = Schemas['MessagesView'];
type Message = Schemas['MessageView'];

/** What is sent to whoever waters: what waits, what went, and how it is worded. */
export function MessagesPage() {
  const { mayWork, mayPlan } = useReader();
  const { data, error, refetch } = useQuery(reads.messages());
  const look = useWrite(writes.lookForMessages);
  const [open, setOpen] = useState<string | null>(null);
  const [wording, setWording] = useState(false);
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data) return <Waiting />;
  const chosen = data.messages.find((m) => m.id === open) ?? data.messages[0];
  return (
    <>
      <title>Messages · Happy Saucer</title>
      <div className={page.head}>
        <div>
          <h1>Messages</h1>
          <p>{summary(data)}</p>
        </div>
        <div className={page.tools}>
          {mayPlan && (
            <Button variant="default" aria-pressed={wording} onClick={() => setWording(!wording)}>
              {wording ? 'Back to what was sent' : 'How they are worded'}
            </Button>
          )}
          {mayWork && (
            <Button loading={look.isPending} onClick={() => look.mutate(undefined)}>
              Send what is due
            </Button>
          )}
        </div>
      </div>
      {wording ? <Wording /> : <Sent data={data} chosen={chosen} choose={setOpen} mayWork={mayWork} />}
    </>
  );
}

function summary(data: Messages): string {
  const parts = [`${data.sent} sent`];
  if (data.waiting > 0) parts.push(`${data.waiting} waiting`);
  if (data.failed > 0) parts.push(`${data.failed} could not be sent`);
  const way = data.host === null ? 'No mail host is set: they stay in the outbox of this server.' : `By ${data.host}, from ${data.from}.`;
  return `${parts.join(', ')}. ${way}`;
}

function Sent({ data, chosen, choose, mayWork }: { data: Messages; chosen: Message | undefined; choose: (id: string) => void; mayWork: boolean }) {
  if (!chosen) {
    return (
      <p>
        Nothing was written yet. On the card of a repot under “For whoever waters”, somebody who wants it is reminded: of water when it changes, of one that
        was missed, and of the day before you come. <Link to="/aftercare">Plants that recover</Link>
      </p>
    );
  }
  return (
    <div className={classes.bench}>
      <ol className={classes.list} aria-label="Messages, newest first">
        {data.messages.map((m) => (
          <li key={m.id}>
            <button type="button" aria-pressed={m.id === chosen.id} data-status={m.status} onClick={() => choose(m.id)}>
              <span>
                <strong>{m.subject}</strong>
                <small>
                  {m.name} · {m.plant}
                </small>
              </span>
              <span className={classes.when}>
                <span className="measure">{moment(m.writtenAt)}</span>
                <small>{messageStatusWords(m.status)}</small>
              </span>
            </button>
          </li>
        ))}
      </ol>
      <Letter message={chosen} from={data.from} mayWork={mayWork} />
    </div>
  );
}

function Letter({ message: m, from, mayWork }: { message: Message; from: string; mayWork: boolean }) {
  const again = useWrite(writes.sendAgain);
  return (
    <article className={classes.letter} aria-label={m.subject}>
      <header>
        <h2>{m.subject}</h2>
        <dl>
          <dt>To</dt>
          <dd>
            {m.name} &lt;{m.email}&gt;
          </dd>
          <dt>From</dt>
          <dd>{from}</dd>
          <dt>About</dt>
          <dd>
            <Link to={`/plants/${m.plantId}`}>{m.plant}</Link>, {messageKindWords(m.kind).toLowerCase()}
          </dd>
          <dt>{messageStatusWords(m.status)}</dt>
          <dd className="measure">{moment(m.sentAt ?? m.writtenAt)}</dd>
        </dl>
        {m.trouble && (
          <p className={classes.trouble}>
            {m.trouble} {m.status === 'WAITING' && `Tried ${m.tries === 1 ? 'once' : `${m.tries} times`}; again at ${moment(m.nextAt)}.`}
          </p>
        )}
      </header>
      <pre>{m.text}</pre>
      <footer>
        <Button component="a" variant="default" href={`/api/messages/${m.id}/mail.eml`} download>
          As a mail file (.eml)
        </Button>
        {mayWork && m.status === 'FAILED' && (
          <Button loading={again.isPending} onClick={() => again.mutate({ id: m.id })}>
            Try again
          </Button>
        )}
      </footer>
    </article>
  );
}
