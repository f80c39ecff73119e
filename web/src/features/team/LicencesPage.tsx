import { useQuery } from '@tanstack/react-query';
import { Trouble } from '../../ui/Trouble';
import { Waiting } from '../../ui/Waiting';
import classes from './Licences.module.css';

const LISTS = [
  { file: '/licences-screens.md', title: 'On the screens' },
  { file: '/licences-server.txt', title: 'In the server' },
  { file: '/licences-fonts.txt', title: 'Typefaces' },
];

async function text(file: string): Promise<string> {
  const answer = await fetch(file);
  if (!answer.ok) throw new Error(`The list ${file} is missing from this build.`);
  return answer.text();
}

/** What others have made and this app is built from, under their licences. */
export function LicencesPage() {
  const { data, error, refetch } = useQuery({
    queryKey: ['licences'],
    queryFn: () => Promise.all(LISTS.map((l) => text(l.file))),
    staleTime: Infinity,
  });
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!data) return <Waiting />;
  return (
    <>
      <title>Licences · Happy Saucer</title>
      <h1>Licences</h1>
      <p>Happy Saucer is built from these libraries and set in these typefaces; each list names its licence.</p>
      {LISTS.map((l, i) => (
        <section key={l.file} aria-labelledby={`licences-${i}`}>
          <h2 id={`licences-${i}`}>{l.title}</h2>
          <pre className={classes.list}>
            {data[i]}
          </pre>
        </section>
      ))}
    </>
  );
}
