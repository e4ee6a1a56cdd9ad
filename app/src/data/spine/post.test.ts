import { postSync } from './post';

const request = { device: 'd', phoneTime: 'x', cursor: null, operations: [] };
const answers = (status: number, type: string, body: string, headers: Record<string, string> = {}) => {
  global.fetch = jest.fn(() =>
    Promise.resolve({
      ok: status < 400,
      status,
      headers: { get: (name: string) => ({ 'Content-Type': type, ...headers })[name] ?? null },
      text: () => Promise.resolve(body),
    } as unknown as Response),
  );
};
const PROBLEM = JSON.stringify({ type: 'about:blank', title: 'x', status: 422, detail: 'Not so.' });

test('an answer of Huff is one; a page that answers 200 is none', async () => {
  answers(
    200,
    'application/json',
    JSON.stringify({ serverTime: 't', results: [], changes: [], cursor: 'c', more: false }),
  );
  expect(await postSync(request)).toMatchObject({ kind: 'answer', answer: { cursor: 'c' } });
  for (const body of ['<html>Sign in</html>', '{}', ''])
    expect((answers(200, 'text/html', body), await postSync(request))).toEqual({ kind: 'notHuff' });
  answers(404, 'text/html', 'Not found');
  expect(await postSync(request)).toEqual({ kind: 'notHuff' });
});

test('a problem speaks for itself; a broken server and one that asks for patience are told apart', async () => {
  answers(422, 'application/problem+json', PROBLEM);
  expect(await postSync(request)).toMatchObject({ kind: 'problem', status: 422, problem: { detail: 'Not so.' } });
  answers(502, 'text/html', 'Bad gateway');
  expect(await postSync(request)).toMatchObject({ kind: 'problem', status: 502 });
  answers(429, 'text/plain', '', { 'Retry-After': '3' });
  expect(await postSync(request)).toMatchObject({ kind: 'problem', status: 429, retryAfterMs: 3000 });
});

test('no answer within the time, or none at all, is no answer', async () => {
  global.fetch = jest.fn((_address: unknown, init?: RequestInit) => {
    expect(init?.signal).toBeDefined();
    return Promise.reject(new TypeError('Failed to fetch'));
  });
  expect(await postSync(request)).toEqual({ kind: 'noAnswer' });
});
