import { Button, Textarea, UnstyledButton } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo, useRef, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { api, body, newId, type Schemas } from '../../api/client';
import { CallPanel, callDates } from '../../ui/CallPanel';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { notifyProblem } from '../../ui/notify';
import { actionWords, groupWords, urgencyWords } from '../../ui/words';
import { useCatalogue, useSignLabel } from '../advice/catalogue';
import { PlantHead } from '../plant/PlantHead';
import { usePlant } from '../plant/usePlant';
import { teamNow, useReader } from '../team/session';
import { SignRow } from './SignRow';
import { toList, type Tapped } from './signs';
import { offerUndo } from './undo';
import classes from './CheckPage.module.css';

const GROUPS = ['POT', 'SURFACE', 'WATER', 'LEAF', 'STABILITY', 'PESTS', 'ROOTS'];

/** Kept while the tab lives, so that a reload or a wrong turn loses nothing tapped. */
const draftKey = (plant: string) => `check-draft-${plant}`;

const now = () => Date.now();

/** Whole minutes taken, at least one. */
const minutesSince = (start: number | null): number =>
  start === null ? 1 : Math.max(1, Math.round((now() - start) / 60_000));

interface Draft {
  tapped: Tapped;
  states: string[] | null;
  note: string;
}

function readDraft(plant: string): Draft {
  try {
    const stored = sessionStorage.getItem(draftKey(plant));
    if (stored) return JSON.parse(stored) as Draft;
  } catch {
    sessionStorage.removeItem(draftKey(plant));
  }
  return { tapped: {}, states: null, note: '' };
}

export function CheckPage() {
  const { id = '' } = useParams();
  const { data, error, refetch } = usePlant(id);
  const catalogue = useCatalogue();
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data || !catalogue) return <Waiting />;
  return <Check key={id} id={id} data={data} catalogue={catalogue} />;
}

function Check({ id, data, catalogue }: { id: string; data: Schemas['PlantView']; catalogue: Schemas['Catalogue'] }) {
  const { units } = useReader();
  const signLabel = useSignLabel();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [draft, setDraftState] = useState(() => readDraft(id));
  const [slipped, setSlipped] = useState(false);
  const [panelOpen, setPanelOpen] = useState(false);
  const started = useRef<number | null>(null);
  const checkId = useRef(newId());
  const setDraft = (next: Draft) => {
    started.current ??= now();
    setDraftState(next);
    try {
      sessionStorage.setItem(draftKey(id), JSON.stringify(next));
    } catch {
      // Storage may be full or forbidden; the draft then lives only on this page.
    }
  };
  const storedStates = useMemo(() => data.states.flatMap((s) => (s.code ? [s.code] : [])), [data.states]);
  const states = draft.states ?? storedStates;
  const asked = useMemo(
    () => ({
      signs: toList(draft.tapped),
      states: states.map((code) => data.states.find((s) => s.code === code) ?? { code, days: null }),
    }),
    [draft.tapped, states, data.states],
  );
  const [settled] = useDebouncedValue(asked, 120);
  const tapped = settled.signs.length > 0 || draft.states !== null;
  const preview = useQuery({
    queryKey: ['preview', id, settled],
    queryFn: () => body(api.POST('/api/plants/{id}/advice', { params: { path: { id } }, body: settled })),
    enabled: tapped,
    placeholderData: (before) => before,
    gcTime: 10_000,
  });
  const advice = tapped && preview.data ? preview.data : data.advice;
  const save = useMutation({
    mutationFn: () =>
      api.PUT('/api/checks/{id}', {
        params: { path: { id: checkId.current } },
        body: {
          plantId: id,
          checkedAt: teamNow(),
          signs: asked.signs,
          states: draft.states === null ? null : asked.states,
          minutes: minutesSince(started.current),
          note: draft.note,
        },
      }),
    onSuccess: () => {
      sessionStorage.removeItem(draftKey(id));
      const refresh = () => {
        void queries.invalidateQueries({ queryKey: ['plant', id] });
        void queries.invalidateQueries({ queryKey: ['round'] });
      };
      refresh();
      offerUndo(checkId.current, 'Check logged.', refresh);
      void navigate(`/plants/${id}`);
    },
    onError: notifyProblem,
  });
  const toggleState = (code: string) =>
    setDraft({
      ...draft,
      states: states.includes(code) ? states.filter((s) => s !== code) : [...states, code],
    });
  const slipAdvised = advice.lookNext.some((l) => l.sign === 'SLIP_CHECK');
  return (
    <>
      <title>{`Check ${data.plant.commonName} · Happy Saucer`}</title>
      <PlantHead
        plant={data.plant}
        saucer={data.saucer}
        rootFill={advice.forecast.rootFill}
        waterLeft={data.waterLeft}
        units={units}
        title="Check"
      />
      <div className={classes.bench}>
        <div>
          {GROUPS.map((group) => (
            <section key={group} className={classes.group} aria-labelledby={`group-${group}`}>
              <h2 id={`group-${group}`}>{groupWords(group)}</h2>
              {group === 'ROOTS' && !slipped ? (
                <div className={classes.slip}>
                  <p>
                    {slipAdvised
                      ? 'Only the roots can settle this. Slip it out if the pot lets it go.'
                      : 'No need to disturb it: nothing at the roots would change the call now.'}
                  </p>
                  <Button variant={slipAdvised ? 'filled' : 'default'} onClick={() => setSlipped(true)}>
                    I have slipped it out
                  </Button>
                </div>
              ) : (
                <ul className={classes.signs}>
                  {catalogue.signs
                    .filter((s) => s.group === group)
                    .map((s) => (
                      <SignRow key={s.code} item={s} tapped={draft.tapped} change={(next) => setDraft({ ...draft, tapped: next })} />
                    ))}
                </ul>
              )}
            </section>
          ))}
          <section className={classes.group} aria-labelledby="group-states">
            <h2 id="group-states">State of the plant</h2>
            <div className={classes.states}>
              {catalogue.states.map((s) => (
                <UnstyledButton
                  key={s.code}
                  className={classes.state}
                  aria-pressed={states.includes(s.code)}
                  onClick={() => toggleState(s.code)}
                >
                  {s.label}
                </UnstyledButton>
              ))}
            </div>
          </section>
          <Textarea
            label="Note"
            size="md"
            autosize
            minRows={2}
            maxLength={1000}
            value={draft.note}
            onChange={(e) => setDraft({ ...draft, note: e.currentTarget.value })}
          />
        </div>
        <aside className={classes.aside} data-open={panelOpen} aria-label="The call">
          <div className={classes.bar}>
            <UnstyledButton className={classes.summary} aria-expanded={panelOpen} onClick={() => setPanelOpen(!panelOpen)}>
              <strong>{actionWords(advice.call.action)}</strong>
              <span>{advice.call.urgency === 'NOT_DUE' ? callDates(advice.call) : urgencyWords(advice.call.urgency)}</span>
            </UnstyledButton>
            <Button size="lg" loading={save.isPending} onClick={() => save.mutate()}>
              Save check
            </Button>
          </div>
          <div className={classes.panel}>
            <CallPanel advice={advice} signLabel={signLabel} live lookNextFirst />
          </div>
        </aside>
      </div>
    </>
  );
}
