import { Button } from '@mantine/core';
import type { Schemas } from '../../api/client';
import classes from './CheckPage.module.css';

interface Props {
  warning: Schemas['SlipWarning'] | null;
  advised: boolean;
  slipped: () => void;
}

/** The roots stay behind a guard: never from a pot that holds the ball, not lightly otherwise. */
export function SlipGuard({ warning, advised, slipped }: Props) {
  if (warning?.never) {
    return (
      <p className={classes.slip} data-guard="never">
        {warning.why}
      </p>
    );
  }
  return (
    <div className={classes.slip}>
      <p>
        {warning
          ? warning.why
          : advised
            ? 'Only the roots can settle this. Slip it out if the pot lets it go.'
            : 'No need to disturb it: nothing at the roots would change the call now.'}
      </p>
      <Button variant={advised && !warning ? 'filled' : 'default'} onClick={slipped}>
        {warning ? 'It is out already' : 'I have slipped it out'}
      </Button>
    </div>
  );
}
