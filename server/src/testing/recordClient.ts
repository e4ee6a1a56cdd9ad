import type { testServer } from './testServer';

export type TestServer = Awaited<ReturnType<typeof testServer>>;

/** An answer that refuses, as a problem document. */
export const problemOf = (res: { status: number; type: string; body: { detail: string; errors?: object[] } }) => {
  expect(res.type).toBe('application/problem+json');
  expect(res.body).toMatchObject({ type: 'about:blank', status: res.status });
  return res.body;
};

/** Writes records by their plain addresses, as another program does. */
export const recordClient = (http: () => TestServer['http']) => ({
  put: (path: string, body: unknown) =>
    http()
      .put(`/api/${path}`)
      .send(body as object),
  /** Puts with the ETag a record was read with. */
  change: async (path: string, body: unknown) => {
    const { headers } = await http().get(`/api/${path}`);
    return http()
      .put(`/api/${path}`)
      .set('If-Match', headers.etag!)
      .send(body as object);
  },
});
