import { Button, Modal, Textarea } from '@mantine/core';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { notifyDone } from '../../ui/notify';
import { leftWords } from '../client/visits';
import { teamNow } from '../team/session';
import classes from './RoundPage.module.css';

/** What was done and what is left, before a visit ends. */
export function Ending({ stop, visit, close }: { stop: Schemas['Stop']; visit: Schemas['OwnVisit']; close: () => void }) {
  const [note, setNote] = useState(visit.note);
  const end = useWrite(writes.endVisit, {
    done: () => {
      notifyDone('The visit is ended.');
      close();
    },
  });
  const seen = stop.plants.filter((p) => p.checkedToday).length;
  const watered = stop.plants.filter((p) => p.wateredToday).length;
  const left = stop.plants.filter((p) => !p.checkedToday && p.due.length > 0);
  return (
    <Modal opened onClose={close} title={`End the visit: ${stop.siteName}`}>
      <div className={classes.ending}>
        <p>
          {seen} of {stop.plants.length} looked at, {watered} watered.
        </p>
        {left.length === 0 ? (
          <p>Nothing that is due is left.</p>
        ) : (
          <>
            <p>Left, and due again the next time:</p>
            <ul>
              {left.map((p) => (
                <li key={p.plant.id}>
                  {p.plant.commonName} <span className="measure">{p.plant.label}</span>: {[...new Set(p.due.map((d) => leftWords(d.kind)))].join(', ')}
                </li>
              ))}
            </ul>
          </>
        )}
        <Textarea
          label="Note for the record"
          description="Why something was left, or what the next one should know."
          size="md"
          autosize
          minRows={2}
          maxLength={1000}
          value={note}
          onChange={(e) => setNote(e.currentTarget.value)}
        />
        <Button size="lg" loading={end.isPending} onClick={() => end.mutate({ id: visit.id, request: { at: teamNow(), note } })}>
          End the visit
        </Button>
      </div>
    </Modal>
  );
}
