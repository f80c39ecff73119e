import { Loader } from '@mantine/core';

export function Waiting({ text = 'Fetching…' }: { text?: string }) {
  return (
    <div role="status" style={{ display: 'flex', gap: 12, alignItems: 'center', padding: 40 }}>
      <Loader size="sm" aria-hidden />
      {text}
    </div>
  );
}
