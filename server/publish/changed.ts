import pg from 'pg';

/** What was announced: the live release, or the catalogue. `all` after a break, since something may be missed. */
export type Announced = 'release' | 'catalogue' | 'all';

/** Hears what other processes (and this one) changed; connects again when the connection breaks. */
export function listenForChanges(
  connectionString: string,
  heard: (what: Announced) => void,
): { ready: Promise<void>; stop(): Promise<void> } {
  let client: pg.Client | null = null;
  let stopped = false;
  let timer: NodeJS.Timeout | undefined;
  const connect = async (): Promise<void> => {
    const own = new pg.Client({ connectionString, keepAlive: true });
    client = own;
    let lost = false;
    const again = () => {
      if (lost || stopped) return;
      lost = true;
      own.end().catch(() => undefined);
      timer = setTimeout(() => void connect(), 500);
    };
    own.on('error', again);
    own.on('end', again);
    own.on('notification', ({ payload }) => heard(payload === 'release' ? 'release' : 'catalogue'));
    try {
      await own.connect();
      await own.query('LISTEN changed');
      heard('all');
    } catch {
      again();
    }
  };
  const ready = connect();
  return {
    ready,
    async stop() {
      stopped = true;
      clearTimeout(timer);
      await client?.end().catch(() => undefined);
    },
  };
}
