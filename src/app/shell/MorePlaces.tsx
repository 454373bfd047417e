import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { Ellipsis } from 'lucide-react';
import { Link, useLocation } from 'react-router';
import type { PLACES } from './places.ts';

interface Props {
  readonly places: typeof PLACES;
  readonly className: string;
}

/** Places that are not at the thumb, behind one button. */
export default function MorePlaces({ places, className }: Props) {
  const { pathname } = useLocation();
  return (
    <Menu as="div" className="flex flex-1">
      <MenuButton
        className={className}
        aria-current={places.some((p) => p.isHere(pathname)) ? 'page' : undefined}
      >
        <Ellipsis size={22} aria-hidden />
        More
      </MenuButton>
      <MenuItems
        anchor={{ to: 'top end', gap: 6, padding: 8 }}
        modal={false}
        className="z-30 flex min-w-44 flex-col rounded-xl border border-rule bg-card p-1 shadow-xl"
      >
        {places.map((place) => (
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
  );
}
