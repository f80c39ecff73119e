import type { Schemas } from '../../api/client';
import { litres, say } from '../../ui/format';
import { price } from '../shelf/words';
import { useReader } from '../team/session';
import classes from './Counter.module.css';

/** What it costs, part by part. */
export function Quote({ quote, mix = 'Mix' }: { quote: Schemas['QuoteView']; mix?: string }) {
  const { units } = useReader();
  const what = (line: Schemas['QuoteLine']): string => {
    if (line.part === 'POT') return line.amount === 1 ? 'Pot' : `${line.amount} pots`;
    return line.part === 'MIX' ? `${mix}, ${say(litres(line.amount, units))}` : `Work, ${line.amount} min`;
  };
  return (
    <table className={classes.quote}>
      <caption>What it costs</caption>
      <tbody>
        {quote.lines.map((line) => (
          <tr key={line.part}>
            <th scope="row">{what(line)}</th>
            <td className="measure">{line.cents === null ? 'not priced' : price(line.cents, quote.currency)}</td>
          </tr>
        ))}
        <tr className={classes.sum}>
          <th scope="row">{quote.whole ? 'Together' : 'Together, as far as priced'}</th>
          <td className="measure">{price(quote.cents, quote.currency)}</td>
        </tr>
      </tbody>
    </table>
  );
}
