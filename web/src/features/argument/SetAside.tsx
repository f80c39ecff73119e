import { Button, Modal, Radio, Textarea, UnstyledButton } from '@mantine/core';
import { useState } from 'react';
import classes from './Argument.module.css';

/** What people usually mean; tapped, it is the reason. */
const REASONS = [
  'It is normal for this very plant.',
  'It has another cause, which is known.',
  'It was misread.',
  'The date or measure on record is wrong.',
];

interface Props {
  /** The line argued with, null while closed. */
  line: { sign: string; label: string } | null;
  close: () => void;
  send: (given: { sign: string; reason: string; always: boolean }) => void;
}

/** A line is set aside with a reason: until somebody looks again, or for as long as it stands in this pot. */
export function SetAside({ line, close, send }: Props) {
  return (
    <Modal opened={line !== null} onClose={close} title={line ? `Set aside: ${line.label}` : ''} size="md">
      {line && <Form key={line.sign} line={line} close={close} send={send} />}
    </Modal>
  );
}

function Form({ line, close, send }: Props & { line: { sign: string; label: string } }) {
  const [reason, setReason] = useState('');
  const [always, setAlways] = useState('once');
  const [missing, setMissing] = useState(false);
  return (
    <form
      className={classes.form}
      onSubmit={(e) => {
        e.preventDefault();
        if (reason.trim() === '') return setMissing(true);
        send({ sign: line.sign, reason, always: always === 'always' });
        close();
      }}
    >
      <p>It then counts for no finding, and the call is made again. It stays on record with your name.</p>
      <ReasonField reason={reason} set={setReason} reasons={REASONS} missing={missing} />
      <Radio.Group label="For how long" value={always} onChange={setAlways}>
        <Radio value="once" label="Until it is looked at again" />
        <Radio value="always" label="For as long as the plant stands in this pot" />
      </Radio.Group>
      <div className={classes.acts}>
        <Button type="submit">Set it aside</Button>
        <Button variant="default" onClick={close}>
          Let it count
        </Button>
      </div>
    </form>
  );
}

/** A reason to tap, or to write. */
export function ReasonField({
  reason,
  set,
  reasons,
  missing,
}: {
  reason: string;
  set: (reason: string) => void;
  reasons: string[];
  missing: boolean;
}) {
  return (
    <>
      <div className={classes.reasons} role="group" aria-label="Usual reasons">
        {reasons.map((r) => (
          <UnstyledButton key={r} aria-pressed={reason === r} onClick={() => set(r)}>
            {r}
          </UnstyledButton>
        ))}
      </div>
      <Textarea
        label="Reason"
        size="md"
        autosize
        minRows={2}
        maxLength={400}
        value={reason}
        error={missing && reason.trim() === '' ? 'Give the reason: it is kept on record.' : null}
        onChange={(e) => set(e.currentTarget.value)}
      />
    </>
  );
}
