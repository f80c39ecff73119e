import { describe, expect, it } from 'vitest';
import { chosenAt, heldBy } from '../choices';

const choice = (level: 'TEAM' | 'CLIENT', target: string, option: string) => ({
  level, target, targetName: '', key: 'timing', choice: option, changedOn: '2027-04-12', who: 'Odda Fennick',
});
const choices = [choice('TEAM', '', 'INTERVAL'), choice('CLIENT', 'c1', 'CONDITION')];

describe('choices of method', () => {
  it('are read at their own level and for their own target', () => {
    expect(chosenAt(choices, 'CLIENT', 'c1', 'timing')?.choice).toBe('CONDITION');
    expect(chosenAt(choices, 'CLIENT', 'c2', 'timing')).toBeNull();
    expect(chosenAt(choices, 'TEAM', '', 'season')).toBeNull();
  });

  it('the team’s holds where nothing nearer was chosen', () => {
    expect(heldBy(choices, 'timing')).toBe('INTERVAL');
    expect(heldBy(choices, 'peat')).toBeNull();
  });
});
