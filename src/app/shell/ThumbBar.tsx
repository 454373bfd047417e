import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { Ellipsis, GraduationCap, Layers, type LucideIcon, Ruler, Waypoints } from 'lucide-react';
import { Link, useLocation } from 'react-router';
import { PLACES } from './places.ts';

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
  const isFar = far.some((p) => p.isHere(pathname));
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
      <Menu as="div" className="flex flex-1">
        <MenuButton className={CELL} aria-current={isFar ? 'page' : undefined}>
          <Ellipsis size={22} aria-hidden />
          More
        </MenuButton>
        <MenuItems
          anchor={{ to: 'top end', gap: 6, padding: 8 }}
          modal={false}
          className="z-30 flex min-w-44 flex-col rounded-xl border border-rule bg-card p-1 shadow-xl"
        >
          {far.map((place) => (
            <MenuItem key={place.to}>
              <Link
                to={place.to}
                aria-current={place.isHere(pathname) ? 'page' : undefined}
                className="rounded-lg px-4 py-3 text-lg aria-[current]:font-semibold data-focus:bg-amber-pale"
              >
                {place.name}
              </Link>
            </MenuItem>
          ))}
        </MenuItems>
      </Menu>
    </nav>
  );
}
