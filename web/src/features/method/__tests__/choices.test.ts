import { describe, expect, it } from 'vitest';
import { chosenAt, heldBy, numberWords, readNumber } from '../choices';

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

describe('numbers of methods', () => {
  it('are said and read in the reader’s unit', () => {
    expect(numberWords(23000, 'g', 'METRIC')).toBe('23 kg');
    expect(numberWords(23000, 'g', 'IMPERIAL')).toBe('50.7 lb');
    expect(numberWords(30, 'mm', 'METRIC')).toBe('3 cm');
    expect(readNumber('20', 23000, 'g', 'METRIC')).toBe(20000);
    expect(readNumber('44 lb', 23000, 'g', 'METRIC')).toBe(19958);
    expect(readNumber('2', 30, 'mm', 'IMPERIAL')).toBe(50.8);
    expect(readNumber('much', 30, 'mm', 'IMPERIAL')).toBeNull();
  });

  it('stay what they are stored as while they are left alone', () => {
    expect(readNumber(numberWords(23000, 'g', 'IMPERIAL'), 23000, 'g', 'IMPERIAL')).toBe(23000);
  });
});
