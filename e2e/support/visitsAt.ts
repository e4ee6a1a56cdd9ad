import type { APIRequestContext } from '@playwright/test';
import type { VisitDto } from '@huff/contract';

/** The newest visits of a server, whole. */
export async function visitsAt(request: APIRequestContext, url: string): Promise<VisitDto[]> {
  const { visits } = (await (await request.get(`${url}/api/visits`)).json()) as { visits: { id: string }[] };
  return Promise.all(
    visits.map(async ({ id }) => (await (await request.get(`${url}/api/visits/${id}`)).json()) as VisitDto),
  );
}
