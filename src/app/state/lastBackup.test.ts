import { expect, it } from 'vitest';
import { backupReminder } from './lastBackup.ts';

const DAY = 86_400_000;

it('reminds of a backup after 30 days in which something changed, and of none at all', () => {
  const now = 100 * DAY;
  expect(backupReminder(null, 5, now)).toBe('no backup yet');
  expect(backupReminder(70 * DAY, 80 * DAY, now)).toBe('last backup 30 days ago');
  expect(backupReminder(70 * DAY + 1, 80 * DAY, now)).toBeUndefined();
  // Nothing was changed since.
  expect(backupReminder(50 * DAY, 40 * DAY, now)).toBeUndefined();
  expect(backupReminder(undefined, 5, now)).toBeUndefined();
  expect(backupReminder(null, undefined, now)).toBeUndefined();
});
