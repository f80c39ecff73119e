import { Button, Modal, NativeSelect, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useOnce } from '../../api/once';
import { faultsByField, sayProblem } from '../../api/problem';
import { useWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { reads } from '../../api/reads';
import { notifyDone } from '../../ui/notify';
import type { ShelfItem } from './useShelf';
import classes from './Shelf.module.css';

const REASONS = ['Delivered', 'Counted anew', 'Broken', 'Sold', 'Given away'];

/** How many there are now; what came or went is worked out, and the reason kept. */
export function MoveStock({ item, close }: { item: ShelfItem; close: () => void }) {
  const queries = useQueryClient();
  const once = useOnce();
  const [count, setCount] = useState(String(item.pot.inStock));
  const [reason, setReason] = useState(REASONS[0] ?? '');
  const now = Number(count);
  const valid = /^\d{1,6}$/.test(count.trim());
  const change = valid ? now - item.pot.inStock : 0;
  const move = useWrite(writes.moveStock, {
    done: () => {
      notifyDone(`${item.pot.name}: ${change > 0 ? '+' : ''}${change}.`);
      close();
    },
    failed: (e) => {
      once.refused(e);
      void queries.invalidateQueries({ queryKey: reads.shelf().queryKey });
      return true;
    },
  });
  return (
    <Modal opened onClose={close} title={item.pot.name}>
      <form
        className={classes.dialog}
        onSubmit={(e) => {
          e.preventDefault();
          move.mutate({ potId: item.pot.id, request: { id: once.id(), change, reason } });
        }}
      >
        <TextInput
          label="How many stand there now"
          description={`On record ${item.pot.inStock}, of them ${item.pot.reserved} reserved`}
          inputMode="numeric"
          value={count}
          error={valid ? faultsByField(move.error).change : 'Write a whole number, 0 or more.'}
          onChange={(e) => setCount(e.currentTarget.value)}
          data-autofocus
        />
        <NativeSelect label="Why" value={reason} onChange={(e) => setReason(e.currentTarget.value)} data={REASONS} />
        {move.isError && !faultsByField(move.error).change && <p role="alert">{sayProblem(move.error).text}</p>}
        <Button type="submit" disabled={!valid || change === 0} loading={move.isPending}>
          {change > 0 ? `Add ${change}` : change < 0 ? `Take ${-change} away` : 'Nothing has changed'}
        </Button>
      </form>
    </Modal>
  );
}
