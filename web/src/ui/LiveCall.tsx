import { VisuallyHidden } from '@mantine/core';
import type { Schemas } from '../api/client';
import { callDates } from './CallPanel';
import { actionWords, urgencyWords } from './words';

/** Tells the changing call to those who listen: one sentence, and only when it is another. */
export function LiveCall({ call, spoken }: { call: Schemas['Call']; spoken: boolean }) {
  return (
    <VisuallyHidden>
      <p aria-live="polite" aria-atomic="true">
        {spoken && `The call: ${actionWords(call.action)}. ${urgencyWords(call.urgency)}. ${callDates(call)}. ${call.reasons[0] ?? ''}`}
      </p>
    </VisuallyHidden>
  );
}
