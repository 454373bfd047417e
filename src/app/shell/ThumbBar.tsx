import { GraduationCap, Layers, type LucideIcon, Ruler, Waypoints } from 'lucide-react';
import { Suspense, useSyncExternalStore } from 'react';
import { Link, useLocation } from 'react-router';
import { lazily } from '../ui/lazily.ts';
import { PLACES } from './places.ts';

const MorePlaces = lazily(() => import('./MorePlaces.tsx'));

/** As narrow as Tailwind’s `sm` begins: only there is the bar seen. */
const NARROW = window.matchMedia('(width < 40rem)');
const whenWidth = (heard: () => void) => {
  NARROW.addEventListener('change', heard);
  return () => NARROW.removeEventListener('change', heard);
};

/** What one goes to with cord in the other hand, by its path; the rest is behind “More”. */
const AT_THUMB: Readonly<Record<string, LucideIcon>> = {
  '/': Ruler,
  '/tie': Waypoints,
  '/stash': Layers,
  '/practice': GraduationCap,
};
const CELL =
  'flex min-h-14 flex-1 flex-col items-center justify-center gap-0.5 border-transparent border-t-4 text-[13px] aria-[current]:border-amber aria-[current]:font-semibold';

/** The places along the lower edge of a phone, in reach of a thumb. */
export function ThumbBar() {
  const { pathname } = useLocation();
  const near = PLACES.filter((p) => AT_THUMB[p.to]);
  const far = PLACES.filter((p) => !AT_THUMB[p.to]);
  const isNarrow = useSyncExternalStore(whenWidth, () => NARROW.matches);
  if (!isNarrow) return null;
  return (
    <nav
      aria-label="Places at hand"
      className="fixed inset-x-0 bottom-0 z-20 flex border-rule border-t bg-card pb-[env(safe-area-inset-bottom)] sm:hidden print:hidden"
    >
      {near.map((place) => {
        const Icon = AT_THUMB[place.to]!;
        return (
          <Link
            key={place.to}
            to={place.to}
            aria-current={place.isHere(pathname) ? 'page' : undefined}
            className={CELL}
          >
            <Icon size={22} aria-hidden />
            {place.name}
          </Link>
        );
      })}
      <Suspense fallback={<span className={CELL} />}>
        <MorePlaces places={far} className={CELL} />
      </Suspense>
    </nav>
  );
}
