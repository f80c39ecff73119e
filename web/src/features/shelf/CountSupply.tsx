import { Modal, NumberInput, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { useQuery } from '@tanstack/react-query';
import type { Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import { useVersionedWrite } from '../../api/useWrite';
import { writes } from '../../api/writes';
import { Act } from '../../ui/Act';
import { Conflict } from '../../ui/Conflict';
import { Waiting } from '../../ui/Waiting';
import { notifyDone } from '../../ui/notify';
import classes from './Shelf.module.css';

const LABELS = { stock: 'Stands there now', pack: 'A pack holds', supplier: 'From whom' };

interface CountProps {
  line: Schemas['NeededLine'];
  close: () => void;
}

/** How much feed, mesh or the like stands there, and how it is bought. */
export function CountSupply({ line, close }: CountProps) {
  const { data } = useQuery(reads.supplies());
  return (
    <Modal opened onClose={close} title={line.label}>
      {data ? <Count line={line} known={data.find((s) => s.key === line.code)} close={close} /> : <Waiting />}
    </Modal>
  );
}

const optional = (text: number | string) => (text === '' ? null : Number(text));

function Count({ line, known, close }: CountProps & { known: Schemas['SupplyView'] | undefined }) {
  const form = useForm({ initialValues: { stock: (known?.stock === undefined || known.stock === null ? '' : Math.max(0, known.stock)) as number | string, pack: (known?.pack ?? '') as number | string, supplier: known?.supplier ?? '' } });
  const { save, stale, settled, faults } = useVersionedWrite(writes.saveSupply, {
    done: () => {
      notifyDone(`${line.label}: written down.`);
      close();
    },
  });
  const { values: v } = form;
  const missing = v.stock === '' && v.pack === '' && v.supplier.trim() === '' && 'Say how much stands there, or how it is bought.';
  const send = (version: number) => save.mutate({ id: line.code, version, request: { stock: optional(v.stock), pack: optional(v.pack), supplier: v.supplier.trim() } });
  const unit = line.unit === 'pieces' ? '' : ` ${line.unit}`;
  const used = known?.stock != null && known.stock < 0 && `${-known.stock}${unit} more were used than were counted. Count again.`;
  return (
    <form
      className={classes.dialog}
      onSubmit={(e) => {
        e.preventDefault();
        if (!missing) send(known?.version ?? 0);
      }}
    >
      <NumberInput label={LABELS.stock} description={used || 'Jobs that are done take from it by themselves.'} suffix={unit} min={0} max={1_000_000} {...form.getInputProps('stock')} error={faults.stock} data-autofocus />
      <NumberInput label={LABELS.pack} description="With this it can be ordered by the pack." suffix={unit} min={0} max={100_000} {...form.getInputProps('pack')} error={faults.pack} />
      <TextInput label={LABELS.supplier} maxLength={120} {...form.getInputProps('supplier')} error={faults.supplier} />
      {stale && (
        <Conflict
          problem={stale.problem}
          labels={LABELS}
          keepMine={() => {
            settled();
            send(stale.problem.version ?? 0);
          }}
          takeTheirs={close}
        />
      )}
      <Act type="submit" missing={missing} loading={save.isPending}>
        Save
      </Act>
    </form>
  );
}
