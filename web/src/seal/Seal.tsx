import { createContext, useContext, useMemo, type ReactNode } from 'react';
import { HATCHINGS, initials, spoken } from './roles';

const Roles = createContext<{ order: string[]; letters: Map<string, string> }>({
  order: [],
  letters: new Map(),
});

/** Says which roles the seals inside may stand for, in the pattern's order. */
export function RoleSeals({ roles, children }: { roles: string[]; children: ReactNode }) {
  const joined = roles.join(' ');
  const value = useMemo(() => {
    const order = joined.split(' ').filter(Boolean);
    return { order, letters: initials(order) };
  }, [joined]);
  return <Roles value={value}>{children}</Roles>;
}

const hatchings = [
  'repeating-linear-gradient(45deg, var(--hatch) 0 1px, transparent 1px 4px)',
  'repeating-linear-gradient(0deg, var(--hatch) 0 1px, transparent 1px 4px)',
  'radial-gradient(circle at 1.5px 1.5px, var(--hatch) 1px, transparent 1.2px)',
  'repeating-linear-gradient(90deg, var(--hatch) 0 1px, transparent 1px 4px)',
  'repeating-linear-gradient(-45deg, var(--hatch) 0 1px, transparent 1px 4px)',
  'repeating-linear-gradient(45deg, var(--hatch) 0 1px, transparent 1px 5px), repeating-linear-gradient(-45deg, var(--hatch) 0 1px, transparent 1px 5px)',
];

/** What a role is told by, for those who draw it otherwise. */
export function useRoleMark(role: string): { letters: string; hatching: number; name: string } {
  const { order, letters } = useContext(Roles);
  return {
    letters: letters.get(role) ?? role.slice(0, 2),
    hatching: Math.max(0, order.indexOf(role)) % HATCHINGS,
    name: spoken(role),
  };
}

/** A role's mark: its two letters in a leaf-cornered box with the role's own hatching. */
export function Seal({ role }: { role: string }) {
  const { letters, hatching: place, name } = useRoleMark(role);
  return (
    <span
      role="img"
      aria-label={name}
      title={name}
      className="relative inline-flex h-[21px] w-[29px] shrink-0 items-center justify-center border border-ink align-[-1px] font-ui text-[11px] leading-none font-bold"
      style={{
        ['--hatch' as string]: 'color-mix(in srgb, var(--ink) 45%, transparent)',
        borderRadius: '3px 8px 3px 8px',
        backgroundColor: 'var(--sheet)',
        backgroundImage: hatchings[place],
        backgroundSize: place === 2 ? '4px 4px' : undefined,
      }}
    >
      <span aria-hidden className="rounded-[2px] bg-sheet px-[2px]">
        {letters}
      </span>
    </span>
  );
}
