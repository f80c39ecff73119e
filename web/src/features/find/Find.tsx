import { Button, Modal, TextInput } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { IconQrcode, IconSearch } from '@tabler/icons-react';
import { lazy, Suspense, useEffect, useLayoutEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { type Schemas } from '../../api/client';
import { reads } from '../../api/reads';
import { Waiting } from '../../ui/Waiting';
import { pagesBy, target, type Page } from './pages';
import classes from './Find.module.css';

const Reader = lazy(() => import('../label/Reader').then((m) => ({ default: m.Reader })));

type Found = Schemas['Found'] | Page;

const KINDS: Record<string, string> = { PLANT: 'Plants', SITE: 'Sites', SPECIES: 'Species', SPOT: 'Spots', POT: 'Pots', PAGE: 'Pages' };

/** Finds anything from anywhere: by name, place, client or label code, typed or scanned. */
export function Find({ opened, close, pages }: { opened: boolean; close: () => void; pages: Page[] }) {
  return (
    <Modal.Root opened={opened} onClose={close} size={560} yOffset="10vh" transitionProps={{ duration: 0 }} returnFocus={false}>
      <Modal.Overlay />
      <Modal.Content aria-label="Find">{opened && <Search close={close} pages={pages} />}</Modal.Content>
    </Modal.Root>
  );
}

function Search({ close, pages: all }: { close: () => void; pages: Page[] }) {
  const navigate = useNavigate();
  const field = useRef<HTMLInputElement>(null);
  const [text, setText] = useState('');
  const [active, setActive] = useState(0);
  const [reading, setReading] = useState(false);
  /** A scanner sends Enter before the answer is there: it is kept for it. */
  const waiting = useRef<string | null>(null);
  // a scanner's letters follow the opening key at once: the field takes them before the next one comes
  useLayoutEffect(() => {
    const before = document.activeElement;
    field.current?.focus();
    return () => {
      if (before instanceof HTMLElement) before.focus();
    };
  }, []);
  const asked = text.trim();
  const { data, isPlaceholderData } = useQuery({ ...reads.find(asked), enabled: asked !== '' });
  const pages = pagesBy(all, asked);
  const fresh = data && !isPlaceholderData;
  const found: Found[] = asked === '' ? pages : [...(data ?? []), ...pages];
  const at = Math.min(active, Math.max(0, found.length - 1));
  const open = (f: Found | undefined) => {
    if (!f) return;
    close();
    void navigate(target(f));
  };
  const first = fresh ? found[0] : undefined;
  useEffect(() => {
    if (waiting.current === asked && first) {
      waiting.current = null;
      close();
      void navigate(target(first));
    }
  }, [asked, first, close, navigate]);
  return (
    <div className={classes.find}>
      <TextInput
        ref={field}
        data-autofocus
        size="lg"
        aria-label="Find"
        placeholder="Plant, place, client, species or label"
        leftSection={<IconSearch size={22} aria-hidden />}
        value={text}
        role="combobox"
        aria-expanded={!reading && found.length > 0}
        aria-controls={reading ? undefined : 'found'}
        aria-activedescendant={!reading && found.length > 0 ? `found-${at}` : undefined}
        onChange={(e) => {
          setText(e.currentTarget.value);
          setActive(0);
          waiting.current = null;
        }}
        onKeyDown={(e) => {
          if (e.key === 'ArrowDown' || e.key === 'ArrowUp') {
            e.preventDefault();
            setActive(Math.max(0, Math.min(found.length - 1, at + (e.key === 'ArrowDown' ? 1 : -1))));
          } else if (e.key === 'Enter') {
            e.preventDefault();
            if (asked !== '' && !fresh) waiting.current = asked;
            else open(found[at]);
          }
        }}
      />
      {reading ? (
        <Suspense fallback={<Waiting />}>
          <Reader
            found={(code) => {
              close();
              void navigate(`/q/${code}`);
            }}
          />
        </Suspense>
      ) : (
        <Button variant="default" mt={10} leftSection={<IconQrcode size={22} aria-hidden />} onClick={() => setReading(true)}>
          Read a label
        </Button>
      )}
      {!reading && <ul id="found" role="listbox" aria-label="Found" className={classes.list}>
        {found.map((f, i) => (
          <li
            key={f.kind + f.id}
            id={`found-${i}`}
            role="option"
            aria-selected={i === at}
            onMouseMove={() => setActive(i)}
            onClick={() => open(f)}
            onKeyDown={(e) => {
              if (e.key === 'Enter') open(f);
            }}
          >
            <strong>{f.title}</strong>
            <span>{f.detail}</span>
            {(i === 0 || found[i - 1]?.kind !== f.kind) && <small>{KINDS[f.kind]}</small>}
          </li>
        ))}
      </ul>}
      {asked !== '' && fresh && found.length === 0 && <p className={classes.none}>Nothing has all of these letters.</p>}
      <p className={classes.keys} aria-hidden>
        <kbd>↑</kbd> <kbd>↓</kbd> choose <kbd>Enter</kbd> open <kbd>Esc</kbd> close
      </p>
    </div>
  );
}
