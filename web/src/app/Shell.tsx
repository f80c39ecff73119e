import { Menu, UnstyledButton } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { IconDots, IconSearch, IconUser } from '@tabler/icons-react';
import { Link, NavLink, Outlet, useLocation, useNavigate } from 'react-router';
import { useCallback, useEffect, useRef, useState } from 'react';
import { Find } from '../features/find/Find';
import { FirstAccount } from '../features/team/FirstAccount';
import { SignIn } from '../features/team/SignIn';
import { useSession, useSignOut, useUnits } from '../features/team/session';
import { notifyProblem } from '../ui/notify';
import { WeekStarts } from '../ui/DateField';
import { Waiting } from '../ui/Waiting';
import { Trouble } from '../ui/Trouble';
import { SCREENS, findable } from './screens';
import classes from './Shell.module.css';

const RIM = SCREENS.flatMap((s) => (s.rim ? [{ to: s.path, ...s.rim }] : []));
const PLACES = RIM.filter((r) => !r.behind);

/** On a phone these lie under one button. */
const BEHIND = RIM.filter((r) => r.behind);
const OWN = SCREENS.flatMap((s) => (s.own ? [{ to: s.path, label: s.own, planner: s.planner === true }] : []));

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
  if (error) return <Trouble error={error} again={() => void refetch()} />;
  if (!session) return <Waiting />;
  if (session.firstAccountNeeded) return <FirstAccount />;
  if (!session.user) return <SignIn session={session} />;
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
          <Menu position="top-end" width={200}>
            <Menu.Target>
              <UnstyledButton className={`${classes.place} ${classes.phoneOnly}`}>
                <IconDots size={22} stroke={1.7} aria-hidden />
                More
              </UnstyledButton>
            </Menu.Target>
            <Menu.Dropdown>
              {BEHIND.map(({ to, label, icon: Icon }) => (
                <Menu.Item key={to} component={Link} to={to} leftSection={<Icon size={20} aria-hidden />}>
                  {label}
                </Menu.Item>
              ))}
            </Menu.Dropdown>
          </Menu>
        </nav>
        <Person name={session.user.name} units={session.user.units} team={session.team?.name ?? ''} planner={session.user.role === 'PLANNER'} />
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

function Person({ name, units, team, planner }: { name: string; units: 'METRIC' | 'IMPERIAL'; team: string; planner: boolean }) {
  const signOut = useSignOut();
  const change = useUnits();
  const navigate = useNavigate();
  const other = units === 'METRIC' ? 'IMPERIAL' : 'METRIC';
  return (
    <Menu position="bottom-end" width={260}>
      <Menu.Target>
        <UnstyledButton className={classes.person} aria-label={`${name}, settings`}>
          <IconUser size={22} stroke={1.7} aria-hidden />
          <span>{name}</span>
        </UnstyledButton>
      </Menu.Target>
      <Menu.Dropdown>
        <Menu.Label>{team}</Menu.Label>
        <Menu.Item onClick={() => change.mutate(other, { onError: notifyProblem })}>
          {other === 'IMPERIAL' ? 'Show inches and quarts' : 'Show centimetres and litres'}
        </Menu.Item>
        {OWN.filter((o) => planner || !o.planner).map(({ to, label }) => (
          <Menu.Item key={to} component={Link} to={to}>
            {label}
          </Menu.Item>
        ))}
        <Menu.Item
          onClick={() =>
            signOut.mutate(undefined, { onError: notifyProblem, onSuccess: () => void navigate('/') })
          }
        >
          Sign out
        </Menu.Item>
      </Menu.Dropdown>
    </Menu>
  );
}
