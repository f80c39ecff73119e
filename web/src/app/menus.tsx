import { Menu } from '@mantine/core';
import type { ReactElement } from 'react';
import { Link, useNavigate } from 'react-router';
import { useSession, useSignOut, useUnits } from '../features/team/session';
import { notifyProblem } from '../ui/notify';
import { SCREENS } from './screens';

export interface MenuProps {
  button: ReactElement;
  /** It was asked for before it was here. */
  opened: boolean;
}

const BEHIND = SCREENS.flatMap((s) => (s.rim?.behind ? [{ to: s.path, ...s.rim }] : []));
const OWN = SCREENS.flatMap((s) => (s.own ? [{ to: s.path, label: s.own, planner: s.planner === true }] : []));

/** What lies under one button on a phone. */
export function MoreMenu({ button, opened }: MenuProps) {
  return (
    <Menu position="top-end" width={200} defaultOpened={opened}>
      <Menu.Target>{button}</Menu.Target>
      <Menu.Dropdown>
        {BEHIND.map(({ to, label, icon: Icon }) => (
          <Menu.Item key={to} component={Link} to={to} leftSection={<Icon size={20} aria-hidden />}>
            {label}
          </Menu.Item>
        ))}
      </Menu.Dropdown>
    </Menu>
  );
}

/** Of the person who is signed in. */
export function PersonMenu({ button, opened }: MenuProps) {
  const { data: session } = useSession();
  const signOut = useSignOut();
  const change = useUnits();
  const navigate = useNavigate();
  const other = session?.user?.units === 'IMPERIAL' ? 'METRIC' : 'IMPERIAL';
  const planner = session?.user?.role === 'PLANNER';
  return (
    <Menu position="bottom-end" width={260} defaultOpened={opened}>
      <Menu.Target>{button}</Menu.Target>
      <Menu.Dropdown>
        <Menu.Label>{session?.team?.name ?? ''}</Menu.Label>
        <Menu.Item onClick={() => change.mutate(other, { onError: notifyProblem })}>
          {other === 'IMPERIAL' ? 'Show inches and quarts' : 'Show centimetres and litres'}
        </Menu.Item>
        {OWN.filter((o) => planner || !o.planner).map(({ to, label }) => (
          <Menu.Item key={to} component={Link} to={to}>
            {label}
          </Menu.Item>
        ))}
        <Menu.Item onClick={() => signOut.mutate(undefined, { onError: notifyProblem, onSuccess: () => void navigate('/') })}>Sign out</Menu.Item>
      </Menu.Dropdown>
    </Menu>
  );
}
