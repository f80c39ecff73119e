import { Button, Textarea, TextInput } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { useQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import type { Schemas } from '../../api/client';
import { faultsByField } from '../../api/problem';
import { reads } from '../../api/reads';
import { useVersionedWrite, useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Conflict } from '../../ui/Conflict';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { notifyDone } from '../../ui/notify';
import { messageKindWords } from '../../ui/words';
import classes from './Messages.module.css';

type Template = Schemas['TemplateView'];

/** How each reminder is worded, beside what it says to somebody who gets it. */
export function Wording() {
  const { data, error, refetch } = useQuery(reads.messageTemplates());
  const [kind, setKind] = useState<Template['kind']>('WATER');
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data) return <Waiting />;
  const chosen = data.find((t) => t.kind === kind);
  return (
    <>
      <div className={classes.kinds} role="group" aria-label="Which reminder">
        {data.map((t) => (
          <button key={t.kind} type="button" aria-pressed={t.kind === kind} onClick={() => setKind(t.kind)}>
            {messageKindWords(t.kind)}
            {t.own && <small>your own words</small>}
          </button>
        ))}
      </div>
      {chosen && <Words key={`${chosen.kind}${chosen.version}`} template={chosen} reload={() => void refetch()} />}
    </>
  );
}

const PREVIEW_MS = 300;

function Words({ template: t, reload }: { template: Template; reload: () => void }) {
  const [subject, setSubject] = useState(t.subject);
  const [body, setBody] = useState(t.body);
  const field = useRef<HTMLTextAreaElement>(null);
  const [asked] = useDebouncedValue({ subject, body }, PREVIEW_MS);
  const preview = useQuery(reads.messagePreview(t.kind, asked));
  const { save, stale, settled, faults } = useVersionedWrite(writes.saveTemplate, {
    done: () => {
      settled();
      notifyDone('From now on they are worded so.');
    },
  });
  const shipped = useWrite(writes.dropTemplate, { done: () => notifyDone('The words that came with the app.') });
  const said = { ...faultsByField(preview.error), ...faults };
  const send = (version: number) => save.mutate({ id: t.kind, version, request: { subject, body } });
  const put = (name: string) => {
    const at = field.current?.selectionStart ?? body.length;
    setBody(`${body.slice(0, at)}{${name}}${body.slice(field.current?.selectionEnd ?? at)}`);
    field.current?.focus();
  };
  return (
    <div className={classes.bench}>
      <form
        className={classes.words}
        onSubmit={(e) => {
          e.preventDefault();
          send(t.version);
        }}
      >
        {stale && <Conflict problem={stale.problem} labels={{ subject: 'Subject', body: 'Text' }} keepMine={() => send(stale.problem.version ?? t.version)} takeTheirs={() => { settled(); reload(); }} />}
        <TextInput label="Subject" value={subject} maxLength={160} error={said.subject} onChange={(e) => setSubject(e.currentTarget.value)} />
        <Textarea ref={field} label="Text" size="md" autosize minRows={10} value={body} maxLength={3000} error={said.body} onChange={(e) => setBody(e.currentTarget.value)} />
        <div className={classes.fields} role="group" aria-label="Put a field in">
          {t.fields.map((name) => (
            <button key={name} type="button" onClick={() => put(name)}>
              {`{${name}}`}
            </button>
          ))}
        </div>
        <div className={classes.acts}>
          <Button type="submit" loading={save.isPending}>
            Save these words
          </Button>
          {t.own && (
            <Button variant="default" loading={shipped.isPending} onClick={() => shipped.mutate({ kind: t.kind })}>
              Back to the words that came with the app
            </Button>
          )}
        </div>
      </form>
      <article className={classes.letter} aria-label="What it says" aria-live="polite">
        <header>
          <p>{preview.data?.of ? `As it would be today: ${preview.data.of}` : 'An example: nobody is reminded yet.'}</p>
          <h2>{preview.data?.subject}</h2>
        </header>
        <pre>{preview.data?.body}</pre>
        <footer>
          <p>The address that ends them is added to each.</p>
        </footer>
      </article>
    </div>
  );
}
