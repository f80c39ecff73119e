import { Button, Checkbox, NativeSelect, TextInput } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { faultsByField } from '../../api/problem';
import { reads } from '../../api/reads';
import { useVersionedWrite, useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Act } from '../../ui/Act';
import { Conflict } from '../../ui/Conflict';
import page from '../../ui/Page.module.css';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { say, share, width } from '../../ui/format';
import { notifyDone } from '../../ui/notify';
import { useReader } from '../team/session';
import { BucketTests } from './BucketTests';
import { EMPTY, INGREDIENT_FIELDS, MIX_FIELDS, codeOf, readRecipe, toCells, toList, writeRecipe, type Cells, type Kind } from './cells';
import { BOX, bands, inWords } from './mixShape';
import { PlanEffect } from './PlanEffect';
import { Stock } from './Stock';
import { Substitutes } from './Substitutes';
import classes from './Medium.module.css';

export const MixPage = () => <Opened kind="MIX" />;
export const IngredientPage = () => <Opened kind="INGREDIENT" />;

const pathOf = (kind: Kind, code: string) => `/${kind === 'MIX' ? 'mixes' : 'ingredients'}/${encodeURIComponent(code)}`;

function Opened({ kind }: { kind: Kind }) {
  const { code = '' } = useParams();
  const isNew = code === 'new';
  const { data, error } = useQuery({ ...reads.medium(kind, code), enabled: !isNew });
  const mixes = useQuery(reads.mixRoom());
  if (error) return <Trouble error={error} />;
  if (!mixes.data || (!isNew && !data)) return <Waiting />;
  return <Medium key={`${kind}${code}${data?.version ?? 0}`} kind={kind} view={data ?? null} items={mixes.data.items} />;
}

interface Props {
  kind: Kind;
  /** Null for a new one. */
  view: Schemas['MediumPage'] | null;
  ingredients: Schemas['MixItemView'][];
}

function Medium({ kind, view, items }: { kind: Kind; view: Schemas['MediumPage'] | null; items: Schemas['MixItemView'][] }) {
  const { mayPlan } = useReader();
  const ingredients = items.filter((i) => i.kind === 'INGREDIENT');
  const [editing, setEditing] = useState(view === null);
  return (
    <>
      <title>{`${view?.label ?? (kind === 'MIX' ? 'A new mix' : 'A new ingredient')} · Happy Saucer`}</title>
      <div className={page.head}>
        <div>
          <h1 className={classes.name}>{view?.label ?? (kind === 'MIX' ? 'A new mix' : 'A new ingredient')}</h1>
          {view && (
            <p>
              {view.origin === 'SHIPPED' ? 'As shipped' : view.origin === 'EDITED' ? `Changed by ${view.who ?? ''}` : `Added by ${view.who ?? ''}`}
              {kind === 'MIX' && (view.fit ? `; measured in ${view.fit.tests === 1 ? 'one bucket test' : `${view.fit.tests} bucket tests`}` : '; estimated from its parts')}
            </p>
          )}
        </div>
        <div className={page.tools}>
          <Link to="/mixes">All mixes and ingredients</Link>
          {mayPlan && !editing && (
            <Button variant="default" onClick={() => setEditing(true)}>
              Edit
            </Button>
          )}
        </div>
      </div>
      {editing ? <Edit kind={kind} view={view} ingredients={ingredients} leave={() => setEditing(false)} /> : view && <Facts kind={kind} view={view} ingredients={ingredients} />}
      {view && !editing && <Stock kind={kind} code={view.code} item={items.find((i) => i.kind === kind && i.code === view.code) ?? null} />}
      {view && !editing && kind === 'MIX' && (
        <>
          <BucketTests view={view} />
          <Substitutes code={view.code} />
        </>
      )}
    </>
  );
}

function Facts({ kind, view, ingredients }: { kind: Kind; view: Schemas['MediumPage']; ingredients: Schemas['MixItemView'][] }) {
  const { units } = useReader();
  const drawn = bands(view.layers, view.topMm, view.heightMm, view.topMm);
  const cells = toCells(view.cells);
  const name = new Map(ingredients.map((i) => [i.code, i.label]));
  const fields = kind === 'MIX' ? MIX_FIELDS : INGREDIENT_FIELDS;
  const parts = readRecipe(cells.recipe ?? '');
  const total = parts.reduce((sum, p) => sum + Number(p.parts), 0);
  return (
    <div className={classes.bench}>
      <section aria-label="What it is">
        {kind === 'MIX' && (
          <ul className={classes.recipe} aria-label="Recipe">
            {parts.map((p) => (
              <li key={p.code}>
                <Link to={`/ingredients/${p.code}`}>{name.get(p.code) ?? p.code}</Link>
                <span className={classes.bar} aria-hidden>
                  <i style={{ width: `${(Number(p.parts) / total) * 100}%` }} />
                </span>
                <span className="measure">{p.parts} parts</span>
                <span className="measure">{Math.round((Number(p.parts) / total) * 100)} %</span>
              </li>
            ))}
          </ul>
        )}
        <dl className={classes.facts}>
          {fields
            .filter((f) => f.key !== 'label' && (cells[f.key] ?? '') !== '')
            .map((f) => (
              <div key={f.key}>
                <dt>{f.label}</dt>
                <dd className={f.unit === undefined ? undefined : 'measure'}>
                  {cells[f.key]} {f.unit}
                </dd>
              </div>
            ))}
        </dl>
      </section>
      <section aria-labelledby="used-by">
        <h2>In a pot of {say(width(view.topMm, units))}, drained</h2>
        <svg className={classes.drawn} viewBox={`0 0 ${BOX.width} ${BOX.height}`} role="img" aria-label={inWords(view.label, view.layers, view.airFilled)}>
          <path className={classes.medium} d={`${drawn.outline} Z`} />
          {drawn.bands.map((b, i) => (
            <g key={i}>
              <polygon className={classes.water} points={b.water} />
              <polygon className={classes.air} points={b.air} />
            </g>
          ))}
          <path className={classes.wall} d={drawn.outline} />
        </svg>
        <p>
          {say(share(view.airFilled))} air. {kind === 'INGREDIENT' && 'By itself; what counts is what it does in a mix.'}
        </p>
        <h2 id="used-by">{kind === 'MIX' ? 'Kinds that want it' : 'Mixes made of it'}</h2>
        {view.uses.length === 0 ? <p className={page.soft}>None.</p> : <p>{view.uses.join(', ')}.</p>}
        {kind === 'MIX' && <p>{view.plants === 0 ? 'No plant in care stands in it.' : view.plants === 1 ? 'One plant in care stands in it.' : `${view.plants} plants in care stand in it.`}</p>}
      </section>
    </div>
  );
}

function Edit({ kind, view, ingredients, leave }: Props & { leave: () => void }) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const opened = view ? toCells(view.cells) : EMPTY[kind];
  const [cells, setCells] = useState<Cells>(opened);
  const [of, setOf] = useState(view?.version ?? 0);
  const named = view ? cells : { ...cells, code: codeOf(kind, cells.label ?? '') };
  const [asked] = useDebouncedValue(named, 350);
  const changed = JSON.stringify(named) !== JSON.stringify(opened);
  const ready = changed && (asked.label ?? '').trim() !== '' && (asked.code ?? '') !== '';
  const effect = useQuery({ ...reads.mediumEffect(kind, toList(asked)), enabled: ready });
  const { save, stale, settled, faults: refused } = useVersionedWrite(writes.saveMedium, {
    done: (saved) => {
      notifyDone('Saved. All plants are looked through anew.');
      if (view) leave();
      else void navigate(pathOf(kind, saved.code));
    },
  });
  const reset = useWrite(writes.resetMedium, {
    done: () => {
      notifyDone(view?.origin === 'ADDED' ? 'Removed.' : 'As shipped again.');
      if (view?.origin === 'ADDED') void navigate('/mixes');
      else leave();
    },
  });
  const faults: Record<string, string> = {
    ...Object.fromEntries((effect.data?.faults ?? []).map((f) => [f.field, f.message])),
    ...faultsByField(effect.error),
    ...refused,
  };
  const set = (key: string, text: string) => {
    save.reset();
    setCells({ ...cells, [key]: text });
  };
  const send = (version: number, theirs: Cells = {}) => save.mutate({ kind, code: named.code ?? '', version, cells: toList({ ...named, ...theirs }) });
  const fields = kind === 'MIX' ? MIX_FIELDS : INGREDIENT_FIELDS;
  return (
    <form
      className={classes.edit}
      noValidate
      onSubmit={(e) => {
        e.preventDefault();
        send(of);
      }}
    >
      <div className={classes.fields}>
        {kind === 'MIX' && <Recipe text={cells.recipe ?? ''} error={faults.recipe} ingredients={ingredients} change={(text) => set('recipe', text)} />}
        {fields.map((f) =>
          f.as === 'yes' ? (
            <Checkbox key={f.key} label={f.label} description={f.use} checked={cells[f.key] === 'yes'} onChange={(e) => set(f.key, e.currentTarget.checked ? 'yes' : 'no')} />
          ) : (
            <TextInput
              key={f.key}
              label={f.unit ? `${f.label}, ${f.unit}` : f.label}
              description={f.use}
              value={cells[f.key] ?? ''}
              error={faults[f.key]}
              inputMode={f.unit === undefined ? undefined : 'decimal'}
              onChange={(e) => set(f.key, e.currentTarget.value)}
            />
          ),
        )}
      </div>
      <aside className={classes.saving}>
        <h2>What it changes</h2>
        {!changed && <p>Nothing is changed yet.</p>}
        {faults.code && <p className={page.wrong}>{faults.code}</p>}
        {ready && effect.isFetching && <p role="status">Asking the rules about its plants…</p>}
        {ready && effect.error && Object.keys(faultsByField(effect.error)).length === 0 && <Trouble error={effect.error} />}
        {ready && effect.data && (effect.data.faults.length > 0 ? <p className={page.wrong}>Mend what is marked first.</p> : <PlanEffect effect={effect.data} />)}
        {stale && (
          <Conflict
            problem={stale.problem}
            labels={Object.fromEntries(fields.map((f) => [f.key, f.label]))}
            touched={(key) => cells[key] !== opened[key]}
            keepMine={() => {
              const at = stale.problem.version ?? of;
              const kept = Object.fromEntries((stale.problem.changes ?? []).filter((c) => cells[c.field] === opened[c.field]).map((c) => [c.field, String(c.theirs ?? '')]));
              setOf(at);
              settled();
              send(at, kept);
            }}
            takeTheirs={() => {
              void queries.invalidateQueries({ queryKey: ['medium'] });
              leave();
            }}
          />
        )}
        <div className={page.tools}>
          <Act type="submit" loading={save.isPending} missing={!changed && 'Nothing is changed yet.'}>
            Save
          </Act>
          <Button variant="default" onClick={() => (view ? leave() : void navigate('/mixes'))}>
            Leave without saving
          </Button>
          {view && view.origin !== 'SHIPPED' && (
            <Button variant="subtle" color="oxblood" loading={reset.isPending} onClick={() => reset.mutate({ kind, code: view.code })}>
              {view.origin === 'ADDED' ? 'Remove it' : 'Back to the shipped one'}
            </Button>
          )}
        </div>
      </aside>
    </form>
  );
}

function Recipe({ text, error, ingredients, change }: { text: string; error?: string; ingredients: Schemas['MixItemView'][]; change: (text: string) => void }) {
  const parts = readRecipe(text);
  const total = parts.reduce((sum, p) => sum + (Number(p.parts.replace(',', '.')) || 0), 0);
  const set = (i: number, part: Partial<(typeof parts)[number]>) => change(writeRecipe(parts.map((p, j) => (j === i ? { ...p, ...part } : p))));
  const free = ingredients.filter((i) => !parts.some((p) => p.code === i.code));
  return (
    <fieldset className={classes.parts}>
      <legend>Recipe, by parts</legend>
      {parts.map((p, i) => (
        <div key={p.code}>
          <NativeSelect
            aria-label={`Ingredient ${i + 1}`}
            value={p.code}
            data={ingredients.filter((o) => o.code === p.code || free.includes(o)).map((o) => ({ value: o.code, label: o.label }))}
            onChange={(e) => set(i, { code: e.currentTarget.value })}
          />
          <TextInput aria-label={`Parts of ingredient ${i + 1}`} inputMode="decimal" value={p.parts} onChange={(e) => set(i, { parts: e.currentTarget.value.replace(/[; ]/g, '') })} />
          <span className="measure">{total > 0 ? Math.round(((Number(p.parts.replace(',', '.')) || 0) / total) * 100) : 0} %</span>
          <Button variant="subtle" aria-label={`Take ingredient ${i + 1} out`} onClick={() => change(writeRecipe(parts.filter((_, j) => j !== i)))}>
            Out
          </Button>
        </div>
      ))}
      {error && (
        <p className={page.wrong} role="alert">
          {error}
        </p>
      )}
      <Button variant="default" disabled={free.length === 0} onClick={() => change(writeRecipe([...parts, { code: free[0]?.code ?? '', parts: '1' }]))}>
        One more ingredient
      </Button>
    </fieldset>
  );
}
