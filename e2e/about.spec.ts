import { readFileSync } from 'node:fs';
import { DB_NAME } from '../src/storage/db.ts';
import { expect, follow, openDemo, test, violations } from './help.ts';

test('this browser: what is kept, erasing it, a self-test and a report', async ({ page }) => {
  await test.step('what is kept is told and erased kind by kind, the engine tests itself, and a report says nothing personal', async () => {
    await openDemo(page);
    await follow(page, '/this-browser');
    const designs = page.getByRole('row', { name: /^Designs/ });
    await expect(designs).toContainText('13');
    expect(await violations(page)).toEqual([]);
    await designs.getByRole('button', { name: 'Erase: Designs' }).click();
    await expect(designs.getByRole('cell').first()).toHaveText('0');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(designs.getByRole('cell').first()).toHaveText('13');
    await page.getByRole('button', { name: 'Run the self-test' }).click();
    for (const id of ['overhand', 'flat-braid-3', 'solomon-bar'])
      await expect(page.getByTestId(`self-test-${id}`)).toContainText('as it should be, within');
    const [saved] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Save a report' }).click(),
    ]);
    const report = readFileSync((await saved.path())!, 'utf8');
    expect(report).toContain('designs: 13 records');
    expect(report).toContain('Solomon bar: well');
    for (const secret of ['Ines', 'Halley', 'Dome night', 'girth']) expect(report).not.toContain(secret);
  });
  await test.step('everything is erased on request, and asked about first', async () => {
    await openDemo(page);
    await follow(page, '/this-browser');
    await page.getByRole('button', { name: 'Erase everything…' }).click();
    await page.getByRole('button', { name: 'Keep everything' }).click();
    await expect(page.getByRole('row', { name: /^Designs/ })).toContainText('13');
    await page.getByRole('button', { name: 'Erase everything…' }).click();
    await page.getByRole('button', { name: 'Erase it all now' }).click();
    await expect(page.getByRole('heading', { name: 'How long must the cord be?' })).toBeVisible();
    await follow(page, '/this-browser');
    for (const kind of ['Designs', 'Orders', 'Stash'])
      await expect(
        page
          .getByRole('row', { name: new RegExp(`^${kind}`) })
          .getByRole('cell')
          .first(),
      ).toHaveText('0');
  });
});

test('what is kept and cannot be read is said to be so, and can still be erased', async ({ page }) => {
  await openDemo(page);
  await page.addInitScript(() => {
    IDBObjectStore.prototype.getAll = () => {
      throw new DOMException('the disk does not answer');
    };
  });
  await page.goto('/this-browser');
  const kept = page.getByRole('region', { name: 'What is kept' });
  await expect(kept.getByRole('alert')).toContainText('can’t be read (the disk does not answer)');
  await page.getByRole('button', { name: 'Erase everything…' }).click();
  await page.getByRole('button', { name: 'Erase it all now' }).click();
  await expect(page).toHaveURL('/');
  const designs = () =>
    page.evaluate(
      (name) =>
        new Promise<number>((done) => {
          const asked = indexedDB.open(name);
          asked.onsuccess = () => {
            const counted = asked.result.transaction('designs').objectStore('designs').count();
            counted.onsuccess = () => done(counted.result);
          };
        }),
      DB_NAME,
    );
  await expect.poll(designs).toBe(0);
});
