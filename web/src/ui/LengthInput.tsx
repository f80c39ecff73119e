import { TextInput } from '@mantine/core';
import { mass, potMass, readLength, readMass, say, width, withKilos, type Units } from './format';

/** Less is told in ounces, grams. */
const POUND = 453.592;

interface Props {
  label: string;
  value: string;
  units: Units;
  error?: string;
  description?: string;
  disabled?: boolean;
  /** Its label is heard, not seen: it stands below a heading that says it. */
  bare?: boolean;
  change: (text: string) => void;
}

/** What was typed, in the other unit as well; empty while it cannot be read. */
export function bothWays(text: string, units: Units): string {
  const mm = readLength(text, units);
  if (mm === null) return '';
  const inches = /(in|ft|["'])\s*$/i.test(text) || (units === 'IMPERIAL' && !/m\s*$/i.test(text));
  return say(width(mm, inches ? 'METRIC' : 'IMPERIAL'));
}

/** The same for a mass. */
export function massBothWays(text: string, units: Units): string {
  const g = readMass(text, units);
  if (g === null) return '';
  const ounces = /(oz|lb)\s*$/i.test(text) || (units === 'IMPERIAL' && !/g\s*$/i.test(text));
  if (ounces) return say(mass(g, 'METRIC'));
  return say(g < POUND ? potMass(g, 'IMPERIAL') : mass(g, 'IMPERIAL'));
}

function MeasureInput({ other, label, bare, disabled, value, error, description, change }: Omit<Props, 'units'> & { other: string }) {
  return (
    <TextInput
      label={bare ? undefined : label}
      aria-label={bare ? label : undefined}
      disabled={disabled}
      description={description}
      value={value}
      error={error}
      onChange={(e) => change(e.currentTarget.value)}
      rightSection={other ? <span className="measure soft">{other}</span> : undefined}
      rightSectionWidth={76}
    />
  );
}

/** A length by tape, in any unit one writes; the other unit stands beside it. */
export function LengthInput({ units, ...rest }: Props) {
  return <MeasureInput {...rest} other={bothWays(rest.value, units)} />;
}

/** A mass by the scales, in any unit one writes; the other unit stands beside it. Of what is heavy a bare number is in kg or lb. */
export function MassInput({ units, heavy, ...rest }: Props & { heavy?: boolean }) {
  return <MeasureInput {...rest} other={massBothWays(heavy ? withKilos(rest.value, units) : rest.value, units)} />;
}
