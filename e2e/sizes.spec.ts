import { expect, openDemo, test, violations } from './help.ts';

const MANY = 2000;

/** Copies of the first design under names of their own, straight into the store; as text, for the page runs it. */
const FILL = `(async () => {
  const db = await new Promise((done, fail) => {
    const asked = indexedDB.open('warp-beam');
    asked.onsuccess = () => done(asked.result);
    asked.onerror = () => fail(asked.error);
  });
  const tx = db.transaction('designs', 'readwrite');
  const store = tx.objectStore('designs');
  store.getAll().onsuccess = (e) => {
    const [first] = e.target.result;
    for (let i = 0; i < ${MANY}; i++) {
      const name = 'Gift number ' + i;
      store.put({ ...first, id: 'many-' + i, name, updatedAt: i, design: { ...first.design, name } });
    }
  };
  await new Promise((done, fail) => { tx.oncomplete = done; tx.onerror = () => fail(tx.error); });
  db.close();
})()`;

test('among two thousand designs one is found by typing, and only those in sight are drawn', async ({
  page,
}) => {
  await openDemo(page);
  await page.evaluate(FILL);
  await page.reload();
  await page.getByRole('button', { name: 'Designs' }).click();
  const drawer = page.getByRole('dialog', { name: 'Designs' });
  const lines = drawer.getByRole('listitem');
  await expect(lines.first()).toBeVisible();
  expect(await lines.count()).toBeLessThan(60);
  await expect(lines.first()).toHaveAttribute('aria-setsize', /^20\d\d$/);
  expect(await violations(page)).toEqual([]);
  // Down to the last by keyboard: the box takes the focus and scrolls.
  const box = drawer.getByRole('region', { name: 'Designs' });
  await box.focus();
  await expect(async () => {
    await page.keyboard.press('End');
    await expect(drawer.getByRole('link', { name: /^Gift number 0\D/ })).toBeVisible({ timeout: 500 });
  }).toPass();
  await drawer.getByRole('searchbox', { name: 'Find a design' }).fill('gift 1234');
  await expect(lines).toHaveCount(1);
  await drawer.getByRole('link', { name: /Gift number 1234/ }).click();
  await expect(page.getByLabel('Name of this design')).toHaveValue('Gift number 1234');
  await expect(page.getByTestId('cut-A')).toBeVisible();
});
