import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useDebouncedValue, useHotkeys } from '@mantine/hooks';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { Schemas } from '../../api/client';
import { sayProblem } from '../../api/problem';
import { reads } from '../../api/reads';
import { CallPanel } from '../../ui/CallPanel';
import { LengthInput } from '../../ui/LengthInput';
import { LiveCall } from '../../ui/LiveCall';
import page from '../../ui/Page.module.css';
import { addDays, readLength, say, width } from '../../ui/format';
import { MATERIALS } from '../../ui/potWords';
import { lightWords, plain } from '../../ui/words';
import { useCatalogue, useSignLabel } from '../advice/catalogue';
import { SignRow } from '../check/SignRow';
import { SizeTaps, WhatItIs } from '../plant/parts';
import { price } from '../shelf/words';
import { useReader, useSession } from '../team/session';
import { Ends } from './Ends';
import { Left } from './Left';
import { Quote } from './Quote';
import { EMPTY, LIGHTS, SINCE, lookOf, signsBySaying, type Hand } from './hand';
import classes from './Counter.module.css';

const SETTLES_MS = 150;
/** Widths of pots that people carry to a shop. */
const CARRIED_MM = [90, 120, 140, 170, 190, 210, 240, 280];

/** A customer with a plant in the hand: the call, its price, and a card to take home, on one screen. */
export function CounterPage() {
  const [customer, setCustomer] = useState(0);
  useHotkeys([['alt+N', () => setCustomer((n) => n + 1)]], []);
  return (
    <>
      <title>Counter · Happy Saucer</title>
      <Customer key={customer} next={() => setCustomer((n) => n + 1)} />
    </>
  );
}

function Customer({ next }: { next: () => void }) {
  const { units, today } = useReader();
  const catalogue = useCatalogue();
  const signLabel = useSignLabel();
  const [hand, setHand] = useState<Hand>(EMPTY);
  const [said, setSaid] = useState('');
  const [kept, setKept] = useState<Schemas['WalkInView'] | null>(null);
  const change = (more: Partial<Hand>) => setHand((before) => ({ ...before, ...more }));
  const look = useMemo(() => lookOf(hand, units, (d) => addDays(today, -d)), [hand, units, today]);
  const [asked] = useDebouncedValue(look, SETTLES_MS);
  const answer = useQuery(reads.counterLook(asked));
  // once a pot or a mix is picked only that is asked about: the others stay on offer
  const any = useQuery(reads.counterLook(asked && { ...asked, potId: null, mix: null }));
  const advice = asked ? answer.data?.advice : undefined;
  const after = useRef<HTMLDivElement>(null);
  const chosen = hand.kind !== null;
  const seen = useRef<HTMLInputElement>(null);
  const first = useRef<HTMLFieldSetElement>(null);
  useEffect(() => first.current?.querySelector('input')?.focus(), []);
  useEffect(() => {
    // the eye and the hand go on to the pot
    if (chosen) after.current?.querySelector('input')?.focus();
  }, [chosen]);
  const signs = catalogue?.signs ?? [];
  const found = signsBySaying(signs, said).filter((s) => !hand.tapped[s.code]);
  const tapped = signs.filter((s) => hand.tapped[s.code]);
  const next3 = said === '' ? (advice?.lookNext ?? []).flatMap((l) => signs.filter((s) => s.code === l.sign).map((item) => ({ item, why: l.why }))).slice(0, 3) : [];
  const unread = hand.top.trim() !== '' && readLength(hand.top, units) === null ? 'Write a width like 15 cm or 6 in.' : undefined;
  return (
    <>
      <div className={page.head}>
        <div>
          <h1>Counter</h1>
          <p>
            With Tab from field to field, Enter takes the first that is found. <kbd className={classes.kbd}>Alt</kbd> <kbd className={classes.kbd}>N</kbd> the next customer.
          </p>
        </div>
        <div className={page.tools}>
          <Button variant="default" onClick={next}>
            Next customer
          </Button>
        </div>
      </div>
      {advice && <LiveCall call={advice.call} spoken />}
      <div className={classes.bench}>
        <fieldset ref={first} className={classes.hand} disabled={kept !== null}>
          <legend>In the hand</legend>
          <WhatItIs kind={hand.kind} choose={(kind) => change({ kind })} called={hand.called} call={(called) => change({ called })} fault={undefined} />
          <div ref={after} className={classes.row}>
            <LengthInput label="Width of its pot" units={units} value={hand.top} error={unread} change={(top) => change({ top, potId: '' })} />
            <NativeSelect label="Made of" value={hand.material} data={MATERIALS.map((m) => ({ value: m, label: plain(m) }))} onChange={(e) => change({ material: e.currentTarget.value as Hand['material'] })} />
            <NativeSelect label="Holes" value={hand.holes ? 'yes' : 'no'} data={[{ value: 'yes', label: 'It has holes' }, { value: 'no', label: 'None' }]} onChange={(e) => change({ holes: e.currentTarget.value === 'yes' })} />
          </div>
          <SizeTaps top={hand.top} units={units} only={CARRIED_MM} take={(s) => change({ top: say(width(s.topMm, units)), potId: '' })} />
          <div className={classes.row}>
            <NativeSelect label="Light at home" value={hand.light} data={LIGHTS.map((l) => ({ value: l, label: lightWords(l) }))} onChange={(e) => change({ light: e.currentTarget.value as Hand['light'] })} />
            <NativeSelect label="Last repotted" value={hand.since} data={[...SINCE]} onChange={(e) => change({ since: e.currentTarget.value })} />
            <LengthInput label="Height" units={units} value={hand.height} change={(height) => change({ height })} />
          </div>
          <TextInput
            ref={seen}
            label="What do you see?"
            description="A word of it: roots, wet, yellow, leans, gnats."
            autoComplete="off"
            value={said}
            onChange={(e) => setSaid(e.currentTarget.value)}
          />
          <ul className={classes.signs} aria-label="Signs">
            {found.map((item) => (
              <SignRow key={item.code} item={item} prefix="found" tapped={hand.tapped} change={(t) => { change({ tapped: t, potId: '' }); setSaid(''); seen.current?.focus(); }} />
            ))}
            {said !== '' && found.length === 0 && <li className={classes.none}>No sign is called so.</li>}
            {tapped.map((item) => (
              <SignRow key={item.code} item={item} tapped={hand.tapped} change={(t) => change({ tapped: t, potId: '' })} />
            ))}
            {next3.filter(({ item }) => !hand.tapped[item.code]).map(({ item, why }) => (
              <SignRow key={item.code} item={item} why={why} prefix="next" tapped={hand.tapped} change={(t) => change({ tapped: t, potId: '' })} />
            ))}
          </ul>
        </fieldset>
        <section className={classes.follows} aria-label="What follows">
          {!look && (
            <>
              <p className={classes.empty}>Say what it is and how wide its pot is: the call stands here at once.</p>
              <Left />
            </>
          )}
          {look && answer.error && <p role="alert" className={classes.alarm}>{sayProblem(answer.error).text}</p>}
          {advice && (
            <>
              <CallPanel advice={advice} signLabel={signLabel} hideLook />
              {answer.data?.quote && <Pot offered={any.data?.advice.repot?.candidates ?? []} hand={hand} choose={(potId) => change({ potId })} />}
              {answer.data?.quote && (
                <NativeSelect
                  label="Mix"
                  value={hand.mix}
                  data={[{ value: '', label: `As the rules have it: ${any.data?.advice.repot?.candidates.find((c) => c.rank === 1)?.mixLabel ?? ''}` }, ...(catalogue?.mixes ?? []).map((m) => ({ value: m.code, label: m.label }))]}
                  onChange={(e) => change({ mix: e.currentTarget.value })}
                />
              )}
              {[advice.repot?.order, advice.repot?.otherwise].filter(Boolean).map((words) => (
                <p key={words} className={classes.alarm}>
                  {words}
                </p>
              ))}
              {answer.data?.quote && <Quote quote={answer.data.quote} mix={advice.repot?.candidates.find((c) => c.rank === 1)?.mixLabel} />}
              {look && <Ends look={look} advice={advice} kept={kept} keep={setKept} next={next} />}
            </>
          )}
        </section>
      </div>
      {look && <Left />}
    </>
  );
}

/** Which pot of those that will do; the best first. */
function Pot({ offered: all, hand, choose }: { offered: Schemas['Candidate'][]; hand: Hand; choose: (potId: string) => void }) {
  const { units } = useReader();
  const { data: session } = useSession();
  const { data: shelf } = useQuery(reads.shelf());
  const offered = all.filter((c) => c.failures.length === 0).sort((a, b) => (a.rank ?? all.length) - (b.rank ?? all.length));
  if (offered.length === 0) return null;
  const words = (c: Schemas['Candidate']) => {
    const pot = shelf?.items.find((p) => p.pot.id === c.id)?.pot;
    const name = c.id === 'current' ? 'The same pot' : (pot?.name ?? `${plain(c.material)} ${say(width(c.pot.topMm, units))}`);
    return pot && session?.team ? `${name}, ${price(pot.priceCents, session.team.currency)}` : name;
  };
  return (
    <NativeSelect
      label="Pot from the shelf"
      value={hand.potId || (offered[0]?.id ?? '')}
      data={offered.map((c) => ({ value: c.id, label: words(c) }))}
      onChange={(e) => choose(e.currentTarget.value === offered[0]?.id ? '' : e.currentTarget.value)}
    />
  );
}
