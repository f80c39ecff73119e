import { Button, NativeSelect, Textarea, TextInput } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { type Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import { faultsByField } from '../../api/problem';
import { useVersionedWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Act } from '../../ui/Act';
import { Conflict } from '../../ui/Conflict';
import page from '../../ui/Page.module.css';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { notifyDone } from '../../ui/notify';
import { plain } from '../../ui/words';
import { cellWords, PARTS, toCells, toList, type Cells } from './cells';
import { Effect } from './Effect';
import { useSpecies, useSpeciesForm } from './SpeciesPage';
import classes from './Species.module.css';

export function EditSpeciesPage() {
  const { name = '' } = useParams();
  const species = useSpecies(name);
  const form = useSpeciesForm();
  if (species.error) return <Trouble error={species.error} />;
  if (!form.data || (name && !species.data)) return <Waiting />;
  const empty = Object.fromEntries(form.data.columns.map((c) => [c.key, c.key === 'group' ? 'FIG' : '']));
  return (
    <Form
      key={name}
      name={name}
      version={species.data?.version ?? 0}
      opened={species.data ? toCells(species.data.cells) : empty}
      form={form.data}
    />
  );
}

interface Props {
  name: string;
  version: number;
  opened: Cells;
  form: Schemas['FormView'];
}

function Form({ name, version, opened, form }: Props) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [cells, setCells] = useState(opened);
  const [of, setOf] = useState(version);
  const [asked] = useDebouncedValue(cells, 300);
  const changed = JSON.stringify(asked) !== JSON.stringify(opened);
  const ready = changed && (asked.name ?? '').trim() !== '' && (asked.remarks ?? '').trim() !== '';
  const effect = useQuery({ ...reads.speciesEffect(toList(asked)), enabled: ready });
  const {
    save,
    stale,
    settled,
    faults: refused,
  } = useVersionedWrite(writes.saveSpecies, {
    done: (saved) => {
      notifyDone('Saved. All plants of this kind are looked through anew.');
      void navigate(`/species/${encodeURIComponent(saved.name)}`);
    },
  });
  const faults: Record<string, string> = {
    ...Object.fromEntries((effect.data?.faults ?? []).map((f) => [f.field, f.message])),
    ...faultsByField(effect.error),
    ...refused,
  };
  const group = toCells(form.groups.find((g) => g.code === cells.group)?.cells ?? []);
  const set = (key: string, text: string) => {
    save.reset();
    setCells({ ...cells, [key]: text });
  };
  const columns = new Map(form.columns.map((c) => [c.key, c]));
  const field = (key: string) => {
    const column = columns.get(key);
    return (
      column && (
        <Field key={key} column={column} value={cells[key] ?? ''} fromGroup={group[key] ?? ''} mixes={form.mixes} error={faults[key]} set={set} />
      )
    );
  };
  const send = (at: number, theirs: Cells = {}) => {
    const all = { ...cells, ...theirs };
    save.mutate({ name: name || (all.name ?? ''), version: at, cells: toList(all) });
  };
  return (
    <>
      <title>{`${name ? `Edit ${name}` : 'Add a species'} · Happy Saucer`}</title>
      <div className={page.head}>
        <h1>{name ? <i>{name}</i> : 'Add a species'}</h1>
      </div>
      <form
        className={classes.edit}
        noValidate
        onSubmit={(e) => {
          e.preventDefault();
          send(of);
        }}
      >
        <div className={classes.fields}>
          <fieldset>
            <legend>Who it is</legend>
            {!name && <TextInput label="Botanical name" value={cells.name ?? ''} error={faults.name} onChange={(e) => set('name', e.currentTarget.value)} />}
            <TextInput
              label="Common names, parted by semicolons"
              value={cells.commonNames ?? ''}
              error={faults.commonNames}
              onChange={(e) => set('commonNames', e.currentTarget.value)}
            />
            <TextInput
              label="Older names, parted by semicolons"
              value={cells.synonyms ?? ''}
              error={faults.synonyms}
              onChange={(e) => set('synonyms', e.currentTarget.value)}
            />
            <NativeSelect
              label="Group"
              value={cells.group ?? ''}
              error={faults.group}
              onChange={(e) => set('group', e.currentTarget.value)}
              data={form.groups.map((g) => ({ value: g.code, label: g.label }))}
            />
            <Textarea
              label="Remarks, with their reasons"
              size="md"
              autosize
              minRows={3}
              value={cells.remarks ?? ''}
              error={faults.remarks}
              onChange={(e) => set('remarks', e.currentTarget.value)}
            />
          </fieldset>
          {PARTS.map((part) => (
            <fieldset key={part.title}>
              <legend>{part.title}</legend>
              {part.keys.map(field)}
            </fieldset>
          ))}
        </div>
        <aside className={classes.saving}>
          <h2>What it changes</h2>
          {!changed && <p>Nothing is changed yet. What is left empty stays as its group has it.</p>}
          {changed && !ready && <p>Give a botanical name and remarks.</p>}
          {ready && effect.isFetching && <p role="status">Asking the rules about its plants…</p>}
          {ready && effect.data && effect.data.faults.length > 0 && <p className={page.wrong}>Mend what is marked first.</p>}
          {ready && effect.data && effect.data.faults.length === 0 && <Effect effect={effect.data} />}
          {stale && (
            <Conflict
              problem={stale.problem}
              labels={Object.fromEntries(form.columns.map((c) => [c.key, c.label]))}
              touched={(key) => cells[key] !== opened[key]}
              keepMine={() => {
                const at = stale.problem.version ?? of;
                const kept = Object.fromEntries(
                  (stale.problem.changes ?? []).filter((c) => cells[c.field] === opened[c.field]).map((c) => [c.field, String(c.theirs ?? '')]),
                );
                setOf(at);
                settled();
                send(at, kept);
              }}
              takeTheirs={() => {
                void queries.invalidateQueries({ queryKey: ['species-page'] });
                void navigate(`/species/${encodeURIComponent(name)}`);
              }}
            />
          )}
          <div className={page.tools}>
            <Act type="submit" loading={save.isPending} missing={!changed && 'Nothing is changed yet.'}>
              Save
            </Act>
            <Button variant="default" onClick={() => void navigate(name ? `/species/${encodeURIComponent(name)}` : '/species')}>
              Leave without saving
            </Button>
          </div>
        </aside>
      </form>
    </>
  );
}

function Field({
  column,
  value,
  fromGroup,
  mixes,
  error,
  set,
}: {
  column: Schemas['ColumnView'];
  value: string;
  fromGroup: string;
  mixes: string[];
  error?: string;
  set: (key: string, text: string) => void;
}) {
  const as = fromGroup ? `as its group: ${cellWords(column, fromGroup, 'METRIC').toLowerCase()}` : 'none';
  const shared = {
    label: column.label,
    description: column.use,
    value,
    error,
    onChange: (e: { currentTarget: { value: string } }) => set(column.key, e.currentTarget.value),
  };
  const options = column.kind === 'YES_NO' ? ['yes', 'no'] : column.kind === 'MIX' ? mixes : column.options;
  if (column.kind === 'CODE' || column.kind === 'YES_NO' || column.kind === 'MIX') {
    return <NativeSelect {...shared} data={[{ value: '', label: as }, ...options.map((o) => ({ value: o, label: plain(o) }))]} />;
  }
  const range = column.most > 0 ? `${column.least} to ${column.most} ${column.unit}` : '';
  return <TextInput {...shared} placeholder={as} inputMode={range ? 'decimal' : undefined} rightSection={range ? <small className={page.soft}>{column.unit}</small> : undefined} rightSectionWidth={64} />;
}
