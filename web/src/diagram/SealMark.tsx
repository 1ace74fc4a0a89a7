import { useRoleMark } from '../seal/Seal';
import { UI } from './drawing';

const paths = ['M0 4 4 0', 'M0 2H4', 'M1 1h1v1h-1z', 'M2 0V4', 'M0 0 4 4', 'M0 4 4 0M0 0 4 4'];

/** A role's seal as part of a drawing. */
export function SealMark({ role, x, y }: { role: string; x: number; y: number }) {
  const { letters, hatching, name } = useRoleMark(role);
  const id = `hatch-${hatching}`;
  return (
    <g transform={`translate(${x} ${y})`}>
      <title>{name}</title>
      <defs>
        <pattern id={id} width="4" height="4" patternUnits="userSpaceOnUse">
          <path d={paths[hatching]} stroke="var(--ink)" strokeOpacity="0.5" strokeWidth="0.9" fill="none" />
        </pattern>
      </defs>
      <path d={LEAF} fill="var(--sheet)" />
      <path d={LEAF} fill={`url(#${id})`} stroke="var(--ink)" />
      <rect x="5.5" y="4" width="18" height="13" rx="2" fill="var(--sheet)" />
      <text
        x="14.5"
        y="14.5"
        textAnchor="middle"
        fontSize="11"
        fontWeight="700"
        fontFamily={UI}
        fill="var(--ink)"
      >
        {letters}
      </text>
    </g>
  );
}

const LEAF = 'M3 0H21a8 8 0 0 1 8 8V18a3 3 0 0 1-3 3H8a8 8 0 0 1-8-8V3a3 3 0 0 1 3-3Z';
