import { Button, Radio } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { type Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import page from '../../ui/Page.module.css';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import type { Units } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
import { useReader } from '../team/session';
import { chosenAt, heldBy, numberWords, type Level } from './choices';
import { Example, OtherExample, useExample } from './Example';
import { NumberChoice } from './NumberChoice';
import { Who } from './Who';
import classes from './Method.module.css';

/** Where good practitioners differ: each choice with its reason and cost, for whom, and what it changes. */
export function MethodPage() {
  const { mayPlan, units } = useReader();
  const [params, setParams] = useSearchParams();
  const plantOf = params.get('plant');
  const level = (params.get('level') ?? (plantOf ? 'PLANT' : 'TEAM')) as Level;
  const target = level === 'TEAM' ? '' : level === 'PLANT' ? (plantOf ?? '') : (params.get('target') ?? '');
  const { data, error } = useQuery(reads.method());
  const example = useExample(params.get('example') ?? plantOf);
  const [open, setOpen] = useState<string | null>(null);
  const choose = useWrite(writes.chooseMethod, { done: () => void notifyDone('Chosen. All plants it concerns are looked through anew.') });
  if (error) return <Trouble error={error} />;
  if (!data) return <Waiting />;
  const ready = level === 'TEAM' || target !== '';
  return (
    <>
      <title>Method · Happy Saucer</title>
      <div className={page.head}>
        <div>
          <h1>Method</h1>
          <p>Where good practitioners differ. The nearest level that says something decides: plant, group, client, team.</p>
        </div>
      </div>
      <Who level={level} target={target} plant={plantOf ? example.plant : null} groups={data.groups} setParams={setParams} />
      <OtherExample
        shown={example.plant}
        take={(plant) => {
          const next = new URLSearchParams(params);
          next.set('example', plant);
          setParams(next);
        }}
      />
      {!ready && <p>Choose for whom first.</p>}
      {ready && (
        <div className={classes.questions}>
          {data.questions.map((q) => {
            const chosen = chosenAt(data.choices, level, target, q.key);
            return (
              <Question
                key={q.key}
                question={q}
                units={units}
                chosen={chosen?.choice ?? null}
                held={level === 'TEAM' ? null : heldBy(data.choices, q.key)}
                byWhom={chosen ? `${chosen.who}` : null}
                mayChoose={mayPlan}
                busy={choose.isPending}
                choose={(choice) => choose.mutate({ level, target, key: q.key, choice })}
                open={open === q.key}
                toggle={() => setOpen(open === q.key ? null : q.key)}
                level={level}
                example={example}
              />
            );
          })}
        </div>
      )}
      <Elsewhere choices={data.choices} questions={data.questions} units={units} />
    </>
  );
}

interface QuestionProps {
  units: Units;
  question: Schemas['QuestionView'];
  chosen: string | null;
  held: string | null;
  byWhom: string | null;
  mayChoose: boolean;
  busy: boolean;
  choose: (choice: string | null) => void;
  open: boolean;
  toggle: () => void;
  level: Level;
  example: ReturnType<typeof useExample>;
}

function Question({ units, question: q, chosen, held, byWhom, mayChoose, busy, choose, open, toggle, level, example }: QuestionProps) {
  const standard = q.options[0]?.code ?? String(q.number?.standard ?? '');
  const value = chosen ?? (level === 'TEAM' ? standard : '');
  const [looked, setLooked] = useState<string | null>(null);
  const asked = looked ?? (q.options.find((o) => o.code !== (value || standard))?.code ?? null);
  return (
    <section className={classes.question} aria-labelledby={`q-${q.key}`}>
      <header>
        <h2 id={`q-${q.key}`}>{q.title}</h2>
        {chosen !== null && (
          <Button variant="subtle" size="sm" disabled={!mayChoose || busy} aria-label={`${q.title}: leave it to the other levels`} onClick={() => choose(null)}>
            {level === 'TEAM' ? 'Back to the default' : 'Leave it to the other levels'}
          </Button>
        )}
        {byWhom && <small>chosen by {byWhom}</small>}
      </header>
      {q.number ? (
        <NumberChoice
          key={chosen}
          title={q.title}
          number={q.number}
          chosen={chosen}
          units={units}
          mayChoose={mayChoose}
          busy={busy}
          choose={choose}
        />
      ) : (
        <Radio.Group value={value} onChange={choose} aria-labelledby={`q-${q.key}`}>
          <div className={classes.options}>
            {q.options.map((o, i) => (
              <div key={o.code} className={classes.option} data-chosen={value === o.code}>
                <Radio
                  value={o.code}
                  disabled={!mayChoose || busy}
                  label={
                    <>
                      {o.label}
                      {i === 0 && <small> (default)</small>}
                      {level !== 'TEAM' && value === '' && (held ?? standard) === o.code && <small> · holds here now</small>}
                    </>
                  }
                />
                <p>
                  {o.reason}. <span className={page.soft}>{o.cost}.</span>
                </p>
                {open && (
                  <Button variant={asked === o.code ? 'default' : 'subtle'} size="sm" onClick={() => setLooked(o.code)}>
                    On the example
                  </Button>
                )}
              </div>
            ))}
          </div>
        </Radio.Group>
      )}
      {q.options.length > 0 && (
        <Button variant="subtle" size="sm" aria-expanded={open} onClick={toggle}>
          What it changes for {example.plant ? `${example.plant.commonName} ${example.plant.label}` : 'an example'}
        </Button>
      )}
      {open && asked && example.plant && (
        <Example plant={example.plant} level={level} questionKey={q.key} choice={asked} label={q.options.find((o) => o.code === asked)?.label ?? asked} />
      )}
    </section>
  );
}

/** Everything that was chosen at any level, so that nothing hides. */
function Elsewhere({ choices, questions, units }: { choices: Schemas['LevelChoice'][]; questions: Schemas['QuestionView'][]; units: Units }) {
  if (choices.length === 0) return null;
  const label = (c: Schemas['LevelChoice']) => {
    const q = questions.find((x) => x.key === c.key);
    return { title: q?.title ?? c.key, choice: q?.number ? numberWords(Number(c.choice), q.number.unit, units) : (q?.options.find((o) => o.code === c.choice)?.label ?? c.choice) };
  };
  return (
    <section aria-labelledby="all-choices">
      <h2 id="all-choices">All that differs from the defaults</h2>
      <table className={page.table}>
        <tbody>
          {choices.map((c) => (
            <tr key={c.level + c.target + c.key}>
              <td>
                {c.level === 'PLANT' ? <Link to={`/plants/${c.target}`}>{c.targetName}</Link> : c.targetName}
              </td>
              <td>{label(c).title}</td>
              <td>
                <b>{label(c).choice}</b>
              </td>
              <td className={page.soft}>{c.who}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
