import { fireEvent, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { plantView, session } from '../../../test-data';
import { show } from '../../../test-render';
import { answer, asked, forget } from '../../../test-server';
import { BeforeAfter } from '../../../ui/BeforeAfter';
import { measuredWords } from '../HowItTook';
import { RetirePlant } from '../RetirePlant';
import type { PlantView } from '../usePlant';

const told = { jobId: 'j1', workedOn: '2027-03-01', result: 'TOOK_WELL', firstGrowthOn: null, leafLoss: null, heightMm: null, heightBeforeMm: null, note: '', seenOn: '2027-04-10', who: 'Ada' };

describe('what was measured since a repot', () => {
  it.each([
    [{ heightMm: 660, heightBeforeMm: 600 }, '6 cm taller than before, now 66 cm'],
    [{ heightMm: 540, heightBeforeMm: 600 }, '6 cm shorter than before, now 54 cm'],
    [{ heightMm: 602, heightBeforeMm: 600 }, 'as tall as before, 60.2 cm'],
    [{ heightMm: 660 }, '66 cm tall'],
    [{ firstGrowthOn: '2027-03-29', leafLoss: 'FEW' as const }, 'first new growth after 28 days; a few leaves lost'],
    [{}, ''],
  ])('%j is said as %s', (more, words) => {
    expect(measuredWords({ ...told, ...more }, 'METRIC').join('; ')).toBe(words);
  });
});

describe('before and after', () => {
  const photo = (id: string, takenOn: string) => ({ id, takenOn, caption: '' });

  it('moves the line between the pictures, and takes another picture', async () => {
    show(<BeforeAfter before={[photo('b1', '2027-03-01')]} after={[photo('a1', '2027-04-10'), photo('a2', '2027-03-20')]} />);
    const before = screen.getByRole('img', { name: /Before/ });
    expect(before.style.clipPath).toBe('inset(0 50% 0 0)');
    fireEvent.change(screen.getByRole('slider'), { target: { value: '80' } });
    expect(before.style.clipPath).toBe('inset(0 20% 0 0)');
    await userEvent.selectOptions(screen.getByLabelText('After'), 'a2');
    expect(screen.getByRole('img', { name: /After/ })).toHaveAttribute('src', expect.stringContaining('a2'));
  });
});

describe('retiring a plant after a repot', () => {
  const sent = () => asked.find((a) => a.method === 'PUT' && a.path.endsWith('/retired'))?.body;
  const data = { ...plantView, jobs: [{ id: 'j1', status: 'DONE', doneOn: '2027-04-01', action: 'POT_UP', plannedOn: '2027-04-01' }] } as unknown as PlantView;

  beforeEach(() => {
    forget();
    answer('GET', /session$/, () => ({ body: session }));
    answer('PUT', /retired$/, () => ({ body: plantView }));
  });

  it('asks how it had taken it, and sends nothing before it is said', async () => {
    const close = vi.fn();
    show(<RetirePlant data={data} opened close={close} />);
    await userEvent.click(await screen.findByRole('button', { name: 'It died.' }));
    await userEvent.click(screen.getByRole('button', { name: 'Retire it' }));
    expect(screen.getByText(/the next repots learn from it/)).toBeVisible();
    expect(sent()).toBeUndefined();
    await userEvent.click(screen.getByRole('radio', { name: 'Was lost' }));
    await userEvent.click(screen.getByRole('button', { name: 'Retire it' }));
    expect(sent()).toMatchObject({ outcome: 'LOST', reason: 'It died.' });
  });

  it('takes it that nobody can tell', async () => {
    show(<RetirePlant data={data} opened close={() => {}} />);
    await userEvent.click(await screen.findByRole('button', { name: 'It died.' }));
    await userEvent.click(screen.getByRole('radio', { name: 'Nobody can tell' }));
    await userEvent.click(screen.getByRole('button', { name: 'Retire it' }));
    expect(sent()).toMatchObject({ outcome: null });
  });
});
