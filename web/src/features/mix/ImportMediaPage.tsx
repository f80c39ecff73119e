import { Button, FileButton, SegmentedControl, Textarea } from '@mantine/core';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Act } from '../../ui/Act';
import page from '../../ui/Page.module.css';
import { notifyDone } from '../../ui/notify';
import { PlanEffect } from './PlanEffect';
import type { Kind } from './cells';

type Format = 'CSV' | 'JSON';

const SAVED = [
  ['INGREDIENT', 'CSV', 'Save ingredients as CSV'],
  ['INGREDIENT', 'JSON', 'ingredients as JSON'],
  ['MIX', 'CSV', 'Save mixes as CSV'],
  ['MIX', 'JSON', 'mixes as JSON'],
] as const;

/** Ingredients or mixes from a file: each row's faults, and whose plans they change, before anything is saved. */
export function ImportMediaPage() {
  const navigate = useNavigate();
  const [kind, setKind] = useState<Kind>('INGREDIENT');
  const [format, setFormat] = useState<Format>('CSV');
  const [text, setText] = useState('');
  const enter = useWrite(writes.enterMedia, {
    done: (view) => {
      if (!view.saved) return;
      notifyDone('They are in the book.');
      void navigate('/mixes');
    },
  });
  const change = (next: string, as: Format = format) => {
    setText(next);
    setFormat(as);
    enter.reset();
  };
  const tried = enter.data;
  const wrong = tried?.rows.filter((r) => r.faults.length > 0) ?? [];
  const good = tried && tried.faults.length === 0 && wrong.length === 0;
  const send = (save: boolean) => enter.mutate({ kind, format, text, save });
  return (
    <>
      <title>Read in mixes · Happy Saucer</title>
      <div className={page.head}>
        <div>
          <h1>Read in mixes or ingredients</h1>
          <p>With the columns that are saved. Ingredients first: mixes are made of them.</p>
        </div>
        <div className={page.tools}>
          {SAVED.map(([of, as, label]) => (
            <Button key={label} component="a" variant="subtle" href={`/api/media-export?kind=${of}&format=${as}`}>
              {label}
            </Button>
          ))}
        </div>
      </div>
      <div className={page.tools}>
        <SegmentedControl
          value={kind}
          onChange={(k) => {
            setKind(k as Kind);
            enter.reset();
          }}
          data={[
            { value: 'INGREDIENT', label: 'Ingredients' },
            { value: 'MIX', label: 'Mixes' },
          ]}
          size="md"
        />
        <SegmentedControl value={format} onChange={(f) => change(text, f as Format)} data={['CSV', 'JSON']} size="md" />
      </div>
      <Textarea label="Rows" size="md" autosize minRows={8} maxRows={20} value={text} onChange={(e) => change(e.currentTarget.value)} mb="md" mt="md" />
      <div className={page.tools}>
        <Act variant="default" missing={text.trim() === '' && 'Paste rows, or take a file.'} loading={enter.isPending} onClick={() => send(false)}>
          Try it
        </Act>
        <Act missing={!good && 'Try it first; every row must be right.'} loading={enter.isPending} onClick={() => send(true)}>
          Save
        </Act>
        <FileButton accept=".csv,.json,text/csv,application/json" onChange={(file) => void file?.text().then((t) => change(t, file.name.endsWith('.json') ? 'JSON' : 'CSV'))}>
          {(props) => (
            <Button {...props} variant="subtle">
              From a file
            </Button>
          )}
        </FileButton>
      </div>
      {tried && !good && (
        <ul className={page.wrong} role="alert">
          {tried.faults.map((f) => (
            <li key={f.field + f.message}>
              <b>{f.field}</b>: {f.message}
            </li>
          ))}
          {wrong.map((r) => (
            <li key={r.line}>
              Line {r.line}, {r.code || 'without a code'}: {r.faults.map((f) => `${f.field}: ${f.message}`).join(' ')}
            </li>
          ))}
        </ul>
      )}
      {tried && good && (
        <>
          <p>
            {tried.rows.length} are good, {tried.rows.filter((r) => r.isNew).length} of them new.
          </p>
          <PlanEffect effect={tried.effect} />
        </>
      )}
    </>
  );
}
