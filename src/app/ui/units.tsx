import { createContext, useContext } from 'react';
import { formatLength, type LengthFormat, type UnitSystem } from '../../core/units/index.ts';

/** The units that everything is shown in. */
export const UnitsContext = createContext<UnitSystem>('metric');

export const useUnits = (): UnitSystem => useContext(UnitsContext);

/** A formatter in the units that are shown. */
export function useLength(): (mm: number, format?: Omit<LengthFormat, 'system'>) => string {
  const system = useUnits();
  return (mm, format) => formatLength(mm, { system, ...format });
}
