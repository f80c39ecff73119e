import { Button, Textarea, UnstyledButton } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useMemo, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { newId, type Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Act } from '../../ui/Act';
import { CallPanel, callDates } from '../../ui/CallPanel';
import { LeftOut, ofPlant } from '../../ui/LeftOut';
import { MassInput } from '../../ui/LengthInput';
import { LiveCall } from '../../ui/LiveCall';
import { Steps } from '../../ui/Steps';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import { length, litres, readWeight, say, width } from '../../ui/format';
import { actionWords, groupWords, urgencyWords } from '../../ui/words';
import { useCatalogue, useSignLabel } from '../advice/catalogue';
import { PlantHead } from '../plant/PlantHead';
import { usePlant } from '../plant/usePlant';
import { localToInstant, teamNow, useReader } from '../team/session';
import { dropDraft, EMPTY, heightStep, isBlank, keepDraft, minutesTaken, readDraft, type Draft } from './draft';
import { PhotoPicker } from '../../ui/PhotoPicker';
import { SlipGuard } from './Roots';
import { SignRow } from './SignRow';
import { LeanByPhone } from './measure/LeanByPhone';
import { Retained } from './measure/Retained';
import { Stopwatch } from './measure/Stopwatch';
import { measured, toList } from './signs';
import { Taking } from './Taking';
import { useUndo } from './undo';
import classes from './CheckPage.module.css';

const PhotoMeasures = lazy(() => import('./measure/PhotoMeasures').then((m) => ({ default: m.PhotoMeasures })));

/** In the order in which a person looks. */
const GROUPS = ['POT', 'SURFACE', 'WATER', 'LEAF', 'PESTS', 'STABILITY', 'ROOTS'];

const HEIGHT_STEPS = 40;

const now = () => Date.now();

export function CheckPage() {
  const { id = '' } = useParams();
  const { data, error, refetch } = usePlant(id);
  const catalogue = useCatalogue();
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data || !catalogue) return <Waiting />;
  return <Check key={id} id={id} data={data} catalogue={catalogue} />;
}

function Check({ id, data, catalogue }: { id: string; data: Schemas['PlantView']; catalogue: Schemas['Catalogue'] }) {
  const { units, today, name } = useReader();
  const signLabel = useSignLabel();
  const navigate = useNavigate();
  const offerUndo = useUndo();
  const [draft, setDraftState] = useState(() => readDraft(id));
  const [panelOpen, setPanelOpen] = useState(false);
  const [checkId] = useState(() => draft.checkId ?? newId());
  const setDraft = (change: Partial<Draft>) => {
    const next = { ...draft, checkId, startedAt: draft.startedAt ?? now(), ...change };
    setDraftState(next);
    keepDraft(id, next);
  };
  const unread = draft.weight.trim() !== '' && readWeight(draft.weight, units) === null;
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
  const preview = useQuery({ ...reads.preview(id, settled), enabled: tapped });
  const advice = tapped && preview.data ? preview.data : data.advice;
  const water = useWrite(writes.logWatering);
  const save = useWrite(writes.logCheck, {
    done: () => {
      dropDraft(id);
      offerUndo([checkId], isBlank(draft) ? 'Nothing to report: logged.' : 'Check logged.');
      void navigate(`/plants/${id}`);
    },
  });
  const log = () => {
    // whether it arrived is known only with the answer: until then it is this one, even after a reload
    keepDraft(id, { ...draft, checkId });
    if (!draft.pour?.log) return send();
    // before the check: where it does not arrive the draft still holds it, and sent again it counts once
    const { id: pourId, litres: poured, runOffLitres } = draft.pour;
    water.mutate({ id: pourId, request: { plantId: id, wateredOn: draft.when?.slice(0, 10) ?? today, litres: poured, runOffLitres } }, { onSuccess: send });
  };
  const send = () =>
    save.mutate({
      id: checkId,
      request: {
        plantId: id,
        checkedAt: draft.when ? localToInstant(draft.when) : teamNow(),
        signs: asked.signs,
        states: draft.states === null ? null : asked.states,
        minutes: minutesTaken(draft, now()),
        heightMm: draft.heightMm,
        spreadMm: draft.spreadMm,
        weightG: readWeight(draft.weight, units),
        note: draft.note,
      },
    });
  const toggleState = (code: string) =>
    setDraft({ states: states.includes(code) ? states.filter((s) => s !== code) : [...states, code] });
  const slipAdvised = advice.lookNext.some((l) => l.sign === 'SLIP_CHECK');
  const next = advice.lookNext.flatMap((l) => {
    const item = catalogue.signs.find((s) => s.code === l.sign);
    return item ? [{ item, why: l.why }] : [];
  });
  const earlier = (code: string) => data.standing.find((s) => s.code === code);
  /** Where a sign can be measured, what it is measured with. */
  const tools = (item: Schemas['SignItem']) => {
    const take = (value: number, more: Partial<Draft> = {}) => setDraft({ tapped: measured(draft.tapped, item, value), ...more });
    switch (item.code) {
      case 'WATER_POOLS':
        return (
          <Stopwatch
            since={draft.pouredAt}
            pour={say(litres(data.trialPourLitres, units))}
            start={(pouredAt) => setDraft({ pouredAt })}
            stopped={(seconds) => take(seconds, { pouredAt: null })}
          />
        );
      case 'WATER_RUNS_THROUGH':
        return <Retained units={units} pour={draft.pour} take={(share, pour) => take(share, { pour })} logToo={(log) => draft.pour && setDraft({ pour: { ...draft.pour, log } })} />;
      case 'LEANS':
        return <LeanByPhone take={take} />;
      default:
        return undefined;
    }
  };
  const rowsOf = (group: string) =>
    catalogue.signs
      .filter((s) => s.group === group)
      .map((s) => (
        <SignRow key={s.code} tool={tools(s)} item={s} tapped={draft.tapped} earlier={earlier(s.code)} change={(t) => setDraft({ tapped: t })} />
      ));
  const groupOf = (group: string) => (
    <section key={group} className={classes.group} aria-labelledby={`group-${group}`}>
      <h2 id={`group-${group}`} tabIndex={-1}>
        {groupWords(group)}
      </h2>
      {group === 'ROOTS' && !draft.slipped ? (
        <SlipGuard warning={advice.slip} advised={slipAdvised} slipped={() => setDraft({ slipped: true })} />
      ) : (
        <ul className={classes.signs}>{rowsOf(group)}</ul>
      )}
    </section>
  );
  const height = draft.heightMm ?? data.plant.heightMm ?? advice.size?.heightMm ?? 1000;
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
      <LiveCall call={advice.call} spoken={tapped} />
      <div className={classes.bench}>
        <div className={classes.look}>
          <Taking
            who={name}
            when={draft.when}
            today={today}
            minutes={minutesTaken(draft, now())}
            change={(c) => setDraft(c)}
          />
          <LeftOut facts={ofPlant(advice.leftOut)} />
          {(next.length > 0 || slipAdvised) && (
            <section className={classes.next} aria-labelledby="look-next">
              <h2 id="look-next">Look next</h2>
              <ul className={classes.signs}>
                {next.map(({ item, why }) => (
                  <SignRow
                    key={item.code}
                    item={item}
                    why={why}
                    tapped={draft.tapped}
                    prefix="next"
                    tool={tools(item)}
                    change={(t) => setDraft({ tapped: t })}
                  />
                ))}
              </ul>
              {slipAdvised && !draft.slipped && (
                <p>
                  <a href="#group-ROOTS">Slip check:</a> {advice.lookNext.find((l) => l.sign === 'SLIP_CHECK')?.why}
                </p>
              )}
            </section>
          )}
          <nav aria-label="Signs" className={classes.jump}>
            {GROUPS.map((g) => {
              const count = catalogue.signs.filter((s) => s.group === g && draft.tapped[s.code]).length;
              return (
                <a key={g} href={`#group-${g}`}>
                  {groupWords(g).split(/[ ,]/)[0]}
                  {count > 0 && <span className="measure">{count}</span>}
                </a>
              );
            })}
          </nav>
          <div className={classes.groups}>
            {GROUPS.map(groupOf)}
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
            <section className={`${classes.group} ${classes.record}`} aria-labelledby="group-record">
              <h2 id="group-record">For the record</h2>
              {draft.heightMm === null ? (
                <Button variant="default" onClick={() => setDraft({ heightMm: Math.round(height) })}>
                  Measure its height ({data.plant.heightMm === null ? 'not measured yet' : `last ${say(length(height, units))}`})
                </Button>
              ) : (
                <Steps
                  label="Height"
                  index={HEIGHT_STEPS / 2}
                  last={HEIGHT_STEPS}
                  value={say(length(height, units))}
                  change={(i) => setDraft({ heightMm: heightStep(height, i - HEIGHT_STEPS / 2) })}
                />
              )}
              {draft.spreadMm !== null && (
                <p>
                  Spread, from a photo: <b className="measure">{say(width(draft.spreadMm, units))}</b>
                </p>
              )}
              <Suspense>
                <PhotoMeasures
                plantId={id}
                units={units}
                take={(m) => {
                  const leans = catalogue.signs.find((s) => s.code === 'LEANS');
                  setDraft({
                    heightMm: m.height ? Math.round(m.height.value) : draft.heightMm,
                    spreadMm: m.spread ? Math.round(m.spread.value) : draft.spreadMm,
                    tapped: m.lean && leans ? measured(draft.tapped, leans, Math.min(60, Math.round(m.lean.value))) : draft.tapped,
                    note: m.width ? `${draft.note}${draft.note ? ' ' : ''}Width on a photo: ${say(width(m.width.value, units))}.` : draft.note,
                  });
                }}
              />
              </Suspense>
              <MassInput
                heavy
                label="Weight on the scales"
                description={data.plant.inCoverPot ? 'Lifted out of its cover. It tells how wet it is.' : 'It tells how wet it is. Weigh once just after watering, too.'}
                value={draft.weight}
                error={unread ? 'Write a weight like 3.4 kg or 7 lb, or leave it empty.' : undefined}
                units={units}
                change={(weight) => setDraft({ weight })}
              />
              <PhotoPicker plantId={id} occasion={{ check: checkId }} />
              <Textarea
                label="Note"
                size="md"
                autosize
                minRows={2}
                maxLength={1000}
                value={draft.note}
                onChange={(e) => setDraft({ note: e.currentTarget.value })}
              />
              {!isBlank(draft) && (
                <Button
                  variant="subtle"
                  onClick={() => {
                    dropDraft(id);
                    setDraftState(EMPTY);
                  }}
                >
                  Clear all that was tapped
                </Button>
              )}
            </section>
          </div>
        </div>
        <aside className={classes.aside} data-open={panelOpen} aria-label="The call">
          <div className={classes.bar}>
            <UnstyledButton className={classes.summary} aria-expanded={panelOpen} onClick={() => setPanelOpen(!panelOpen)}>
              <strong>{actionWords(advice.call.action)}</strong>
              <span>{advice.call.urgency === 'NOT_DUE' ? callDates(advice.call) : urgencyWords(advice.call.urgency)}</span>
            </UnstyledButton>
            <Act size="lg" loading={water.isPending || save.isPending} missing={unread && 'The weight cannot be read.'} onClick={() => log()}>
              {isBlank(draft) ? 'Nothing to report' : 'Save check'}
            </Act>
          </div>
          <div className={classes.panel}>
            <CallPanel advice={advice} signLabel={signLabel} hideLook />
          </div>
        </aside>
      </div>
    </>
  );
}
