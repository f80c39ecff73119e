import { describe, expect, it } from 'vitest';
import { weightWords } from '../evidence';
import { fromTo } from '../format';

describe('evidence in words', () => {
  it.each([
    [20, 'decisive for'],
    [9, 'strong for'],
    [5, 'clear for'],
    [2, 'weak for'],
    [0.4, 'tells nothing'],
    [-2, 'weak against'],
    [-9, 'strong against'],
  ])('%s is %s', (weight, words) => {
    expect(weightWords(weight)).toBe(words);
  });

  it('says a range with two ends alike as one figure', () => {
    expect(fromTo('7', '7')).toBe('7');
    expect(fromTo('7', '9')).toBe('7 to 9');
  });
});
