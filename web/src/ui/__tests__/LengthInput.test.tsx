import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { show } from '../../test-render';
import { bothWays, LengthInput } from '../LengthInput';

describe('a length by tape', () => {
  it.each([
    ['6 in', 'METRIC', '15.2 cm'],
    ['15cm', 'METRIC', '5.9 in'],
    ['15', 'METRIC', '5.9 in'],
    ['6', 'IMPERIAL', '15.2 cm'],
    ['150 mm', 'IMPERIAL', '5.9 in'],
    ['2 ft', 'METRIC', '61 cm'],
    ['wide', 'METRIC', ''],
    ['', 'METRIC', ''],
  ] as const)('%s by a reader of %s is also %s', (text, units, other) => {
    expect(bothWays(text, units)).toBe(other);
  });

  it('shows the other unit beside what was typed', () => {
    show(<LengthInput label="Width" value="28 cm" units="METRIC" change={() => undefined} />);
    expect(screen.getByText('11 in')).toBeVisible();
  });
});
