import { Button, Modal, NativeSelect } from '@mantine/core';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { ALL_ACTIONS, actionWords } from '../../ui/words';
import { ReasonField } from './SetAside';
import classes from './Argument.module.css';

const QUIET = new Set(['LEAVE', 'WATCH', 'FIX_CARE_FIRST']);

const REASONS = [
  'The client wants it so.',
  'I know this plant: it has done so for years.',
  'It was looked at again and is better than it seems.',
  'Other work is due there anyway.',
];

type Request = Omit<Schemas['OverruleRequest'], 'plantId'>;

interface Props {
  call: Schemas['Call'];
  opened: boolean;
  close: () => void;
  send: (given: Request) => void;
}

/** A person's call in place of the rules' own: what, when, and why. */
export function Overrule({ call, opened, close, send }: Props) {
  return (
    <Modal opened={opened} onClose={close} title="Overrule the call" size="md">
      <Form call={call} close={close} send={send} />
    </Modal>
  );
}

function Form({ call, close, send }: Omit<Props, 'opened'>) {
  const likely = call.alternatives.map((a) => a.action);
  const others = ALL_ACTIONS.filter((a) => !likely.includes(a) && a !== call.action);
  const [action, setAction] = useState(likely[0] ?? others[0] ?? 'LEAVE');
  const [when, setWhen] = useState('');
  const [weeks, setWeeks] = useState('4');
  const [reason, setReason] = useState('');
  const [missing, setMissing] = useState(false);
  const quiet = QUIET.has(action);
  return (
    <form
      className={classes.form}
      onSubmit={(e) => {
        e.preventDefault();
        if (reason.trim() === '') return setMissing(true);
        send({
          action: action as Request['action'],
          urgency: quiet || when === '' ? null : (when as 'NOW' | 'SOON'),
          recheckDays: quiet ? Number(weeks) * 7 : null,
          reason,
        });
        close();
      }}
    >
      {call.urgency === 'NOW' && (
        <p className={classes.warn}>
          The rules hold this to be urgent: {call.reasons[0]} If you overrule it, say so to whoever looks after the plant.
        </p>
      )}
      <NativeSelect
        label="What is to be done instead"
        value={action}
        onChange={(e) => setAction(e.currentTarget.value)}
        data={[
          ...(likely.length > 0 ? [{ group: 'Would also do', items: likely.map(item) }] : []),
          { group: 'Other', items: others.map(item) },
        ]}
      />
      {quiet ? (
        <NativeSelect
          label="Look again"
          value={weeks}
          onChange={(e) => setWeeks(e.currentTarget.value)}
          data={['1', '2', '4', '8', '12', '26'].map((w) => ({ value: w, label: w === '1' ? 'in a week' : `in ${w} weeks` }))}
        />
      ) : (
        <NativeSelect
          label="When"
          value={when}
          onChange={(e) => setWhen(e.currentTarget.value)}
          data={[
            { value: '', label: 'In the window it fits' },
            { value: 'SOON', label: 'Within four weeks' },
            { value: 'NOW', label: 'Within a week' },
          ]}
        />
      )}
      <ReasonField reason={reason} set={setReason} reasons={REASONS} missing={missing} />
      <p>It stands until the work is done, it is taken back, or an emergency comes up that was not there today.</p>
      <div className={classes.acts}>
        <Button type="submit">Overrule</Button>
        <Button variant="default" onClick={close}>
          Keep the rules’ call
        </Button>
      </div>
    </form>
  );
}

const item = (code: string) => ({ value: code, label: actionWords(code) });
