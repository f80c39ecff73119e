import { TextInput } from '@mantine/core';
import { readLength, say, width, type Units } from './format';

interface Props {
  label: string;
  value: string;
  units: Units;
  error?: string;
  description?: string;
  change: (text: string) => void;
}

/** What was typed, in the other unit as well; empty while it cannot be read. */
export function bothWays(text: string, units: Units): string {
  const mm = readLength(text, units);
  if (mm === null) return '';
  const inches = /(in|ft|["'])\s*$/i.test(text) || (units === 'IMPERIAL' && !/m\s*$/i.test(text));
  return say(width(mm, inches ? 'METRIC' : 'IMPERIAL'));
}

/** A length by tape, in any unit one writes; the other unit stands beside it. */
export function LengthInput({ label, value, units, error, description, change }: Props) {
  const other = bothWays(value, units);
  return (
    <TextInput
      label={label}
      description={description}
      value={value}
      error={error}
      onChange={(e) => change(e.currentTarget.value)}
      rightSection={other ? <span className="measure soft">{other}</span> : undefined}
      rightSectionWidth={68}
    />
  );
}
