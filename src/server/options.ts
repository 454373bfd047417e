import { parseArgs } from 'node:util';
import { fail, ok, type Result } from '../core/result.ts';

interface ServerOptions {
  readonly host: string;
  readonly port: number;
}

export const DEFAULT_PORT = 4173;

/** Port and host from flags, then from WARP_BEAM_PORT / PORT and WARP_BEAM_HOST; local by default. */
export function readOptions(
  args: readonly string[],
  env: Readonly<Record<string, string | undefined>>,
): Result<ServerOptions> {
  let flags: { port?: string | undefined; host?: string | undefined };
  try {
    flags = parseArgs({
      args: [...args],
      options: { port: { type: 'string' }, host: { type: 'string' } },
    }).values;
  } catch (error) {
    return fail({
      code: 'server.flag',
      path: '',
      message: `${(error as Error).message} Flags are --port N and --host ADDRESS.`,
    });
  }
  const text = flags.port ?? env.WARP_BEAM_PORT ?? env.PORT ?? String(DEFAULT_PORT);
  const port = Number(text);
  if (!/^\d+$/.test(text) || port > 65535) {
    return fail({
      code: 'server.port',
      path: '--port',
      message: `“${text}” is not a port; a port is a number from 0 (any free one) to 65535.`,
    });
  }
  return ok({ host: flags.host ?? env.WARP_BEAM_HOST ?? '127.0.0.1', port });
}
