import { IncomingMessage, ServerResponse } from 'node:http';
import { Socket } from 'node:net';
import helmet from 'helmet';

/**
 * Headers that keep a browser from doing what no answer of ours wants, as every answer carries them. Each kind of page
 * brings its own Content-Security-Policy, which names its style sheet.
 * @param behindTls whether the store is seen by https only
 */
export function securityHeaders(behindTls: boolean): Readonly<Record<string, string>> {
  const protect = helmet({
    contentSecurityPolicy: false,
    // Forms of the store would send "Origin: null" with less.
    referrerPolicy: { policy: 'strict-origin-when-cross-origin' },
    strictTransportSecurity: behindTls,
  });
  // They are the same for every answer, so they are made once.
  const request = new IncomingMessage(new Socket());
  const answer = new ServerResponse(request);
  protect(request, answer, () => undefined);
  return Object.fromEntries(
    Object.entries(answer.getHeaders()).map(([name, value]) => [name, String(value)]),
  );
}
