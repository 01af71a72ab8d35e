import pg from 'pg';
import { ALL, RELEASE } from '../../core/view/reads.ts';

/** How the database was when it was last asked. */
export interface Pulse {
  answers: boolean;
  /** Number of the release that is live; null where there is none, or nobody knows. */
  release: number | null;
}

export interface Changes {
  /** The first try to reach the database is over. */
  ready: Promise<void>;
  pulse(): Pulse;
  stop(): Promise<void>;
}

/** Together they keep the time in which a silent break is noticed under two seconds. */
const EVERY_MS = 700;
const PATIENCE_MS = 900;
const AGAIN_MS = 300;
const CONNECT_MS = 2_000;

/**
 * Hears what other processes (and this one) changed, by name (core/view/reads.ts); `all` after a break, since something
 * may be missed. The connection is tried all the time, since one that was cut silently says nothing any more; it is
 * asked which release is live, so that none is taken for it for long even where its announcement was lost.
 */
export function listenForChanges(
  connectionString: string,
  heard: (names: readonly string[]) => void,
): Changes {
  let client: pg.Client | null = null;
  let stopped = false;
  let timer: NodeJS.Timeout | undefined;
  let pulse: Pulse = { answers: false, release: null };

  const connect = async (): Promise<void> => {
    const own = new pg.Client({
      connectionString,
      keepAlive: true,
      connectionTimeoutMillis: CONNECT_MS,
      query_timeout: PATIENCE_MS,
    });
    client = own;
    let lost = false;
    const again = () => {
      if (lost || stopped) return;
      lost = true;
      clearTimeout(timer);
      pulse = { ...pulse, answers: false };
      own.end().catch(() => undefined);
      timer = setTimeout(() => void connect(), AGAIN_MS);
    };
    const ask = async () => {
      const { rows } = await own.query<{ number: number }>('SELECT release_number AS number FROM live');
      const release = rows[0]?.number ?? null;
      if (lost || stopped) return;
      const isAnother = release !== pulse.release;
      pulse = { answers: true, release };
      if (isAnother) heard([RELEASE]);
      timer = setTimeout(() => void ask().catch(again), EVERY_MS);
    };
    own.on('error', again);
    own.on('end', again);
    own.on('notification', ({ payload }) => heard((payload || ALL).split(' ')));
    try {
      await own.connect();
      await own.query('LISTEN changed');
      heard([ALL]);
      await ask();
    } catch {
      again();
    }
  };
  const ready = connect();
  return {
    ready,
    pulse: () => pulse,
    async stop() {
      stopped = true;
      clearTimeout(timer);
      await client?.end().catch(() => undefined);
    },
  };
}
