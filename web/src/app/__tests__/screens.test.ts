import { describe, expect, it } from 'vitest';
import { SCREENS, findable } from '../screens';

describe('the screens of the house', () => {
  it('has each under its own path', () => {
    const paths = SCREENS.map((s) => s.path);
    expect(new Set(paths).size).toBe(paths.length);
  });

  it('lets find open every room of the rim and the own menu', () => {
    const open = findable(true).map((p) => p.id);
    for (const s of SCREENS.filter((s) => s.rim)) expect(open).toContain(s.path);
    expect(open).toContain('/shelf');
    expect(open).toContain('/people');
  });

  it('keeps what only a planner opens from the others', () => {
    const open = findable(false).map((p) => p.id);
    expect(open).not.toContain('/people');
    expect(open).not.toContain('/keeping');
    expect(open).toContain('/you');
  });

  it('finds nothing that needs an address of its own', () => {
    for (const page of findable(true)) expect(page.id).not.toContain(':');
  });

  it('loads what is not needed on a round when it is entered', async () => {
    for (const s of SCREENS) if ('load' in s) expect(await s.load()).toBeTypeOf('function');
  });
});
