import type { Database } from './db.ts';

/** Every record as it is stored, readable or not: what can always be taken out of the browser. */
export async function dumpEverything(db: Database): Promise<string> {
  const stores = await db.use(async (c) => {
    const out: Record<string, { key: IDBValidKey; value: unknown }[]> = {};
    for (const name of [...c.objectStoreNames]) {
      const [keys, values] = [await c.getAllKeys(name), await c.getAll(name)];
      out[name] = keys.map((key, i) => ({ key, value: values[i] }));
    }
    return out;
  });
  return `${JSON.stringify({ format: 'warp-beam/everything', version: 1, stores }, null, 1)}\n`;
}
