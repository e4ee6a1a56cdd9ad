import { connect } from 'node:net';

/** What is no HTTP, or HTTP that servers and proxies read differently. Each must be refused with a problem document. */
const BROKEN = {
  'no HTTP': 'hello there\r\n\r\n',
  'a bad version': 'GET / HTTP/9.9\r\nHost: x\r\n\r\n',
  'no host': 'GET /api/health HTTP/1.1\r\n\r\n',
  'two lengths': 'POST /api/sync HTTP/1.1\r\nHost: HOST\r\nContent-Length: 5\r\nContent-Length: 6\r\n\r\nabcde',
  'length and chunks':
    'POST /api/sync HTTP/1.1\r\nHost: HOST\r\nContent-Length: 5\r\nTransfer-Encoding: chunked\r\n\r\n0\r\n\r\n',
  'a header of 20 kB': `GET /api/health HTTP/1.1\r\nHost: HOST\r\nX-Long: ${'x'.repeat(20_000)}\r\n\r\n`,
  'a broken chunk':
    'POST /api/sync HTTP/1.1\r\nHost: HOST\r\nContent-Type: application/json\r\nTransfer-Encoding: chunked\r\n\r\nzz\r\n',
};

function answerTo(url, text) {
  const { hostname, port, host } = new URL(url);
  return new Promise((resolve) => {
    const socket = connect(Number(port), hostname, () => socket.write(text.replaceAll('HOST', host)));
    let said = '';
    const late = setTimeout(() => socket.destroy(), 10_000);
    socket.on('data', (chunk) => (said += chunk));
    socket.on('error', () => undefined);
    socket.on('close', () => {
      clearTimeout(late);
      resolve(said);
    });
  });
}

/** @returns what was answered otherwise than by a refusal in words */
export async function brokenHttp(url) {
  const faults = [];
  for (const [what, text] of Object.entries(BROKEN)) {
    const said = await answerTo(url, text);
    if (!/^HTTP\/1\.1 4\d\d /.test(said) || !/application\/problem\+json/i.test(said))
      faults.push(`${what}: ${JSON.stringify(said.slice(0, 120))}`);
  }
  return faults;
}
