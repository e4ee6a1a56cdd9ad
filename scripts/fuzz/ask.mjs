import { Agent, request } from 'node:http';

const agent = new Agent({ keepAlive: true, maxSockets: 32 });
/** Nothing may take longer than this to be answered. */
const ANSWER_WITHIN_MS = 20_000;

/** Sends a request as it is, and gives whatever came back; an error where nothing did. */
export function ask(url, { method, path, headers, body }) {
  const { hostname, port } = new URL(url);
  const bytes = body === undefined ? undefined : Buffer.from(body, 'utf8');
  return new Promise((resolve) => {
    const asked = request(
      {
        hostname,
        port,
        method,
        path,
        agent,
        headers: { ...headers, ...(bytes ? { 'Content-Length': bytes.length } : {}) },
      },
      (answer) => {
        const chunks = [];
        answer.on('data', (chunk) => chunks.push(chunk));
        answer.on('end', () =>
          resolve({
            status: answer.statusCode,
            type: answer.headers['content-type'] ?? '',
            text: Buffer.concat(chunks).toString(),
          }),
        );
        answer.on('error', (error) => resolve({ error }));
      },
    );
    asked.setTimeout(ANSWER_WITHIN_MS, () => asked.destroy(new Error('no answer in time')));
    asked.on('error', (error) => resolve({ error }));
    asked.end(bytes);
  });
}

export const endAsking = () => agent.destroy();
