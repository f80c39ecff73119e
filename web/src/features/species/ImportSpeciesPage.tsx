import { Button, FileButton, SegmentedControl, Textarea } from '@mantine/core';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Act } from '../../ui/Act';
import page from '../../ui/Page.module.css';
import { notifyDone } from '../../ui/notify';
import { Effect } from './Effect';
import classes from './Species.module.css';

type Format = 'CSV' | 'JSON';

/** Entries from a file: each row's faults, and which calls they change, before anything is saved. */
export function ImportSpeciesPage() {
  const navigate = useNavigate();
  const [format, setFormat] = useState<Format>('CSV');
  const [text, setText] = useState('');
  const enter = useWrite(writes.enterSpecies, {
    done: (view) => {
      if (!view.saved) return;
      notifyDone('The book has the entries.');
      void navigate('/species');
    },
  });
  const send = (save: boolean) => enter.mutate({ format, text, save });
  const change = (next: string, as: Format = format) => {
    setText(next);
    setFormat(as);
    enter.reset();
  };
  const tried = enter.data;
  const wrong = tried?.rows.filter((r) => r.faults.length > 0) ?? [];
  const good = tried && tried.faults.length === 0 && wrong.length === 0;
  return (
    <>
      <title>Read in species · Happy Saucer</title>
      <div className={page.head}>
        <div>
          <h1>Read in species</h1>
          <p>With the columns that the book saves; a cell left empty takes the group’s value.</p>
        </div>
      </div>
      <SegmentedControl value={format} onChange={(f) => change(text, f as Format)} data={['CSV', 'JSON']} size="md" />
      <Textarea
        label="Entries"
        size="md"
        autosize
        minRows={8}
        maxRows={20}
        value={text}
        onChange={(e) => change(e.currentTarget.value)}
        classNames={{ input: classes.sheet }}
      />
      <div className={`${page.tools} ${classes.acts}`}>
        <Act variant="default" missing={text.trim() === '' && 'Paste rows, or take a file.'} loading={enter.isPending} onClick={() => send(false)}>
          Try it
        </Act>
        <Act missing={!good && 'Try it first; every row must be right.'} loading={enter.isPending} onClick={() => send(true)}>
          Save
        </Act>
        <FileButton
          accept=".csv,.json,text/csv,application/json"
          onChange={(file) => void file?.text().then((t) => change(t, file.name.endsWith('.json') ? 'JSON' : 'CSV'))}
        >
          {(props) => (
            <Button {...props} variant="subtle">
              From a file
            </Button>
          )}
        </FileButton>
      </div>
      {tried && tried.faults.length > 0 && (
        <ul className={page.wrong} role="alert">
          {tried.faults.map((f) => (
            <li key={f.field + f.message}>
              <b>{f.field}</b>: {f.message}
            </li>
          ))}
        </ul>
      )}
      {tried && wrong.length > 0 && (
        <>
          <p role="status">
            <b>
              {wrong.length} of {tried.rows.length} entries need mending. Nothing is saved until all are good.
            </b>
          </p>
          <ul className={page.wrong}>
            {wrong.map((r) => (
              <li key={r.line}>
                Line {r.line}, {r.name || 'without a name'}: {r.faults.map((f) => `${f.field}: ${f.message}`).join(' ')}
              </li>
            ))}
          </ul>
        </>
      )}
      {tried && good && (
        <>
          <p>
            {tried.rows.length} entries are good, {tried.rows.filter((r) => r.isNew).length} of them new.
          </p>
          <Effect effect={tried.effect} />
        </>
      )}
    </>
  );
}
