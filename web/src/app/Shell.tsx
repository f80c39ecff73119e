import { UnstyledButton } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { IconDots, IconSearch, IconUser } from '@tabler/icons-react';
import { Link, NavLink, Outlet, useLocation } from 'react-router';
import { cloneElement, lazy, Suspense, useCallback, useEffect, useRef, useState, type ComponentType, type ReactElement } from 'react';
import { Find } from '../features/find/Find';
import { useSession } from '../features/team/session';
import { WeekStarts } from '../ui/DateField';
import { Waiting } from '../ui/Waiting';
import { Trouble } from '../ui/Trouble';
import type { MenuProps } from './menus';
import { fetchSoon, findable, SCREENS, whenIdle } from './screens';
import classes from './Shell.module.css';

const RIM = SCREENS.flatMap((s) => (s.rim ? [{ to: s.path, ...s.rim }] : []));
const PLACES = RIM.filter((r) => !r.behind);

/** On a phone these lie under one button. */
const BEHIND = RIM.filter((r) => r.behind);

const MoreMenu = lazy(() => import('./menus').then((m) => ({ default: m.MoreMenu })));
const PersonMenu = lazy(() => import('./menus').then((m) => ({ default: m.PersonMenu })));
const SignIn = lazy(() => import('../features/team/SignIn').then((m) => ({ default: m.SignIn })));
const FirstAccount = lazy(() => import('../features/team/FirstAccount').then((m) => ({ default: m.FirstAccount })));

/** The frame: the loop of the work along the rim, the bench below. */
export function Shell() {
  const { data: session, error, refetch } = useSession();
  const main = useRef<HTMLElement>(null);
  const { pathname } = useLocation();
  const [finding, setFinding] = useState(false);
  const close = useCallback(() => setFinding(false), []);
  useHotkeys([
    ['mod+K', () => setFinding(true)],
    ['/', () => setFinding(true)],
  ]);
  useEffect(() => {
    main.current?.scrollTo(0, 0);
    window.scrollTo(0, 0);
  }, [pathname]);
  const inside = Boolean(session?.user);
  useEffect(() => (inside ? fetchSoon() : undefined), [inside]);
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!session) return <Waiting />;
  if (session.firstAccountNeeded || !session.user) {
    return <Suspense fallback={<Waiting />}>{session.firstAccountNeeded ? <FirstAccount /> : <SignIn session={session} />}</Suspense>;
  }
  return (
    <div className={classes.shell}>
      <a href="#bench" className={classes.skip}>
        Skip to the content
      </a>
      <header className={`${classes.rim} no-print`}>
        <NavLink to="/" className={classes.mark}>
          <img src="/favicon.svg" alt="" width={30} height={30} />
          <span>Happy Saucer</span>
        </NavLink>
        <nav aria-label="Main" className={classes.nav}>
          {PLACES.map(({ to, label, icon: Icon }) => (
            <NavLink key={to} to={to} end={to === '/'} className={classes.place}>
              <Icon size={22} stroke={1.7} aria-hidden />
              {label}
            </NavLink>
          ))}
          {BEHIND.map(({ to, label, icon: Icon }) => (
            <NavLink key={to} to={to} className={`${classes.place} ${classes.deskOnly}`}>
              <Icon size={22} stroke={1.7} aria-hidden />
              {label}
            </NavLink>
          ))}
          <UnstyledButton className={`${classes.place} ${classes.findButton}`} aria-keyshortcuts="Control+K /" onClick={() => setFinding(true)}>
            <IconSearch size={22} stroke={1.7} aria-hidden />
            Find
            <kbd aria-hidden>/</kbd>
          </UnstyledButton>
          <LazyMenu
            button={
              <UnstyledButton className={`${classes.place} ${classes.phoneOnly}`}>
                <IconDots size={22} stroke={1.7} aria-hidden />
                More
              </UnstyledButton>
            }
            menu={MoreMenu}
          />
        </nav>
        <LazyMenu
          button={
            <UnstyledButton className={classes.person} aria-label={`${session.user.name}, settings`}>
              <IconUser size={22} stroke={1.7} aria-hidden />
              <span>{session.user.name}</span>
            </UnstyledButton>
          }
          menu={PersonMenu}
        />
      </header>
      <Find opened={finding} close={close} pages={findable(session.user.role === 'PLANNER')} />
      <main id="bench" ref={main} className={classes.bench} tabIndex={-1}>
        {session.troubles.length > 0 && (
          <div role="alert" className={`${classes.troubles} no-print`}>
            {session.troubles.map((t) => (
              <p key={t}>{t}</p>
            ))}
            <Link to="/keeping">Backups and the disk</Link>
          </div>
        )}
        <WeekStarts value={session.team?.weekStarts ?? 1}>
          <Outlet />
        </WeekStarts>
      </main>
    </div>
  );
}

/** A button whose menu comes right after the first screen, or when it is asked for before. */
function LazyMenu({ button, menu: Menu }: { button: ReactElement<{ onClick?: () => void }>; menu: ComponentType<MenuProps> }) {
  const [state, setState] = useState<'later' | 'soon' | 'open'>('later');
  useEffect(() => whenIdle(() => setState((now) => (now === 'later' ? 'soon' : now))), []);
  const closed = cloneElement(button, { onClick: () => setState('open') });
  if (state === 'later') return closed;
  return (
    <Suspense fallback={closed}>
      <Menu button={button} opened={state === 'open'} />
    </Suspense>
  );
}
