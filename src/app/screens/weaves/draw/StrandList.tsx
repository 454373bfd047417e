import { Trash2 } from 'lucide-react';
import type { WeaveEdit } from '../../../../core/weave/edit.ts';
import type { Role, WeaveSpec } from '../../../../core/weave/types.ts';
import { Select } from '../../../ui/Select.tsx';
import { ROLE_NAMES } from '../roles.ts';
import { colourOf } from './Strands.tsx';

const ROLES: readonly Role[] = ['work', 'core', 'spine'];
/** Over the cord that the weave is planned in. */
const THICKNESS = [...[0.3, 0.5, 0.75, 1, 1.5, 2].map((value) => ({ value, name: `${value} × as thick` }))];

interface Props {
  readonly spec: WeaveSpec;
  readonly onEdit: (edit: WeaveEdit) => void;
}

/** The strands of a weave that is being drawn: what each does, how thick it is, and a way to be rid of it. */
export function StrandList({ spec, onEdit }: Props) {
  return (
    <ul aria-label="Strands" className="flex flex-col gap-1.5">
      {spec.strands.map((s, i) => {
        const ratio = Number((2 * s.radius).toFixed(3));
        const own = THICKNESS.some((t) => t.value === ratio)
          ? []
          : [{ value: ratio, name: `${ratio} × as thick` }];
        return (
          <li key={s.name} className="flex items-center gap-2 text-[15px]">
            <svg width="22" height="10" className="shrink-0" aria-hidden>
              <line x1="1" x2="21" y1="5" y2="5" stroke={colourOf(spec, i)} strokeWidth="8" />
            </svg>
            <span className="w-9 shrink-0 font-semibold">{s.name}</span>
            <Select
              label={`What ${s.name} does`}
              value={s.role}
              onChange={(role) => role !== s.role && onEdit({ kind: 'role', strand: i, role })}
              choices={ROLES.map((role) => ({ value: role, name: ROLE_NAMES[role] }))}
            />
            <Select
              label={`How thick ${s.name} is`}
              value={ratio}
              onChange={(next) => next !== ratio && onEdit({ kind: 'thickness', strand: i, ratio: next })}
              choices={[...THICKNESS, ...own]}
            />
            <button
              type="button"
              aria-label={`Remove ${s.name}`}
              disabled={spec.strands.length === 1}
              onClick={() => onEdit({ kind: 'remove-strand', strand: i })}
              className="rounded p-1 hover:bg-rule/50 disabled:opacity-30"
            >
              <Trash2 size={17} aria-hidden />
            </button>
          </li>
        );
      })}
    </ul>
  );
}
