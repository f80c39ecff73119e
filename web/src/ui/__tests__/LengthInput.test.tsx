import { screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { show } from '../../test-render';
import { keptLength, keptMass, potMass, say, width } from '../format';
import { bothWays, LengthInput, massBothWays, MassInput } from '../LengthInput';

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

describe('a mass by the scales', () => {
  it.each([
    ['850', 'METRIC', '1.9 lb'],
    ['1.2 kg', 'METRIC', '2.6 lb'],
    ['100g', 'IMPERIAL', '3.53 oz'],
    ['2 lb', 'METRIC', '907 g'],
    ['3', 'IMPERIAL', '85 g'],
    ['heavy', 'METRIC', ''],
  ] as const)('%s by a reader of %s is also %s', (text, units, other) => {
    expect(massBothWays(text, units)).toBe(other);
  });

  it('shows the other unit beside what was typed', () => {
    show(<MassInput label="Mass" value="1.2 kg" units="METRIC" change={() => undefined} />);
    expect(screen.getByText('2.6 lb')).toBeVisible();
  });
});

describe('a form that is opened and saved', () => {
  it.each(['METRIC', 'IMPERIAL'] as const)('moves no measure by rounding for a reader of %s', (units) => {
    for (const stored of [184.4, 222, 63.7, 3.2, 1204.9]) {
      expect(keptLength(say(width(stored, units)), units, stored)).toBe(stored);
      expect(keptMass(say(potMass(stored, units)), units, stored)).toBe(stored);
    }
    expect(keptLength('7 in', units, 184.4)).toBe(177.8);
    expect(keptLength('', units, 184.4)).toBeNull();
  });
});
