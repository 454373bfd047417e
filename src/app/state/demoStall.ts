import figuresFile from '../../../examples/stall/figures.json';
import ordersFile from '../../../examples/stall/orders.json';
import classFile from '../../../examples/stall/school-visit.json';
import { readClass } from '../../core/formats/class.ts';
import { type Order, parseOrders } from '../../core/formats/orders.ts';
import { readStall } from '../../core/formats/stall.ts';
import { dayNumber, isoDay } from '../../core/stall/dates.ts';
import type { ClassRecord, Database, OrderRecord } from '../../storage/db.ts';
import { restoreKept } from '../../storage/keptList.ts';
import { dayOf } from './today.ts';

/** The open night of the example files; they move so that it is always so many days ahead. */
const OPEN_NIGHT = dayNumber('2026-12-12')!;
const DAYS_AHEAD = 15;

const moved = (day: string, today: number): string =>
  isoDay(dayNumber(day)! - OPEN_NIGHT + today + DAYS_AHEAD);

/** The stall's orders before the open night. */
export function demoOrders(now: number): OrderRecord[] {
  const read = parseOrders(JSON.stringify(ordersFile));
  if (!read.ok) return [];
  return read.value.map((o, i) => {
    const order: Order = { ...o, ...(o.due ? { due: moved(o.due, dayOf(now)) } : {}) };
    return { id: o.id, revision: 1, updatedAt: now - i * 1000, name: o.name, order };
  });
}

/** The school that visits two days before. */
export function demoClasses(now: number): ClassRecord[] {
  const read = readClass(classFile);
  if (!read.ok) return [];
  const kits = { ...read.value, ...(read.value.day ? { day: moved(read.value.day, dayOf(now)) } : {}) };
  return [{ id: 'demo-school-visit', revision: 1, updatedAt: now, name: kits.name, kits }];
}

/** Puts orders, the class and the stall's figures into a browser; what is there already is left alone. */
export async function fillStall(db: Database, now: number): Promise<void> {
  await restoreKept(db, 'orders', demoOrders(now));
  await restoreKept(db, 'classes', demoClasses(now));
  const figures = readStall(figuresFile);
  if (figures.ok && (await db.get('settings', 'stall')) === undefined)
    await db.put('settings', figures.value, 'stall', 'relaxed');
}
