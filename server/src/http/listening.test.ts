import { connect } from 'node:net';
import type { AddressInfo } from 'node:net';
import type { Server } from 'node:http';
import { listeningServer } from './listening';

let server: Server;
beforeAll(async () => {
  server = listeningServer((req, res) => void req.resume().on('end', () => res.end('read')), {
    headersMs: 300,
    requestMs: 600,
    leastBytesPerMs: 2,
    lookEveryMs: 50,
  });
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
});
afterAll(() => server.close());

/** Writes as it stands, and gives everything that was answered until the server closed. */
const answerTo = (text: string) =>
  new Promise<string>((resolve) => {
    const socket = connect((server.address() as AddressInfo).port, '127.0.0.1', () => socket.write(text));
    let said = '';
    socket.on('data', (chunk) => (said += String(chunk)));
    socket.on('error', () => undefined);
    socket.on('close', () => resolve(said));
  });

test.each([
  ['no HTTP', 'hello there\r\n\r\n', 400],
  ['two lengths', 'POST / HTTP/1.1\r\nHost: x\r\nContent-Length: 5\r\nContent-Length: 6\r\n\r\nabcde', 400],
  [
    'a length and chunks',
    'POST / HTTP/1.1\r\nHost: x\r\nContent-Length: 5\r\nTransfer-Encoding: chunked\r\n\r\n0\r\n\r\n',
    400,
  ],
  ['headers without end', `GET / HTTP/1.1\r\nHost: x\r\nX-Long: ${'x'.repeat(20_000)}\r\n\r\n`, 431],
  ['headers that do not come', 'GET / HTTP/1.1\r\nHost: x\r\nX-Slow', 408],
  ['a body that does not come', 'POST / HTTP/1.1\r\nHost: x\r\nContent-Length: 500\r\n\r\nabc', 408],
])('%s is refused in words and cut off', async (_what, text, status) => {
  const said = await answerTo(text);
  expect(said).toMatch(new RegExp(`^HTTP/1.1 ${status} `));
  expect(said).toContain('application/problem+json');
  const problem = JSON.parse(said.slice(said.indexOf('\r\n\r\n') + 4)) as { status: number; detail: string };
  expect(problem.status).toBe(status);
  expect(problem.detail).toMatch(/^[A-Z].{20,}\.$/);
});

test('a large body has the time that its size needs', async () => {
  const bytes = 4000;
  const said = await new Promise<string>((resolve) => {
    const { port } = server.address() as AddressInfo;
    const socket = connect(port, '127.0.0.1', () => {
      socket.write(`POST / HTTP/1.1\r\nHost: x\r\nConnection: close\r\nContent-Length: ${bytes}\r\n\r\nabc`);
      // Later than any small request may end.
      setTimeout(() => socket.write('x'.repeat(bytes - 3)), 1200);
    });
    let all = '';
    socket.on('data', (chunk) => (all += String(chunk)));
    socket.on('close', () => resolve(all));
  });
  expect(said).toContain('read');
});

test('what is whole is answered', async () => {
  expect(await answerTo('POST / HTTP/1.1\r\nHost: x\r\nConnection: close\r\nContent-Length: 3\r\n\r\nabc')).toContain(
    'read',
  );
});
