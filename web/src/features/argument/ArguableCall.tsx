import { Button } from '@mantine/core';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { CallPanel } from '../../ui/CallPanel';
import { dayYear } from '../../ui/format';
import { actionWords, evidenceWords } from '../../ui/words';
import { Overrule } from './Overrule';
import { SetAside } from './SetAside';
import { useArgue } from './useArgue';
import classes from './Argument.module.css';

interface Props {
  data: Schemas['PlantView'];
  signLabel: (code: string) => string;
  mayWork: boolean;
}

/** The call of a stored plant, with which a person can argue line by line or as a whole. */
export function ArguableCall({ data, signLabel, mayWork }: Props) {
  const argue = useArgue(data.plant.id);
  const [line, setLine] = useState<{ sign: string; label: string } | null>(null);
  const [overruling, setOverruling] = useState(false);
  const { asides, overrule } = data.argument;
  const beside = (sign: string, setAside: boolean) => {
    const open = asides.find((a) => a.sign === sign);
    const label = evidenceWords(sign, signLabel);
    if (setAside) {
      return (
        open && (
          <Button variant="default" size="sm" aria-label={`Let it count again: ${label}`} onClick={() => argue.letCount(open.id)}>
            Let it count again
          </Button>
        )
      );
    }
    return (
      <Button variant="subtle" size="sm" aria-label={`Set aside: ${label}`} onClick={() => setLine({ sign, label })}>
        Set aside
      </Button>
    );
  };
  return (
    <>
      <CallPanel
        advice={data.advice}
        signLabel={signLabel}
        method={data.method}
        beside={mayWork ? beside : undefined}
        below={
          <div className={classes.below}>
            {overrule && data.advice.call.overruled === null && (
              <p>
                {overrule.who} decided “{actionWords(overrule.action)}” on {dayYear(overrule.setOn)}. An emergency has come up
                since and goes before it.
              </p>
            )}
            {overrule && data.advice.call.overruled && data.advice.call.overruled.action !== overrule.rulesAction && (
              <p>
                When it was overruled the rules said “{actionWords(overrule.rulesAction)}”; now they say “
                {actionWords(data.advice.call.overruled.action)}”.
              </p>
            )}
            {mayWork && overrule && (
              <Button variant="default" loading={argue.deciding} onClick={() => argue.letRulesDecide(overrule.id)}>
                Let the rules decide
              </Button>
            )}
            {mayWork && !overrule && (
              <Button variant="default" onClick={() => setOverruling(true)}>
                I see it differently
              </Button>
            )}
          </div>
        }
      />
      <SetAside line={line} close={() => setLine(null)} send={(given) => argue.setAside(given)} />
      <Overrule
        call={data.advice.call}
        opened={overruling}
        close={() => setOverruling(false)}
        send={(given) => argue.overrule(given)}
      />
    </>
  );
}
