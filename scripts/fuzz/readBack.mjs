/** Everything the server has now, read as a program would: each list page by page, each record, its history. */
export async function readBack(url) {
  const faults = [];
  const get = async (address) => {
    const answer = await fetch(`${url}/api/${address}`);
    if (answer.ok) return answer.json();
    faults.push(`GET ${address}: ${answer.status}`);
    return {};
  };
  const pages = async (resource, of) => {
    const all = [];
    for (let next = ''; next !== null && next !== undefined;) {
      const page = await get(`${resource}${next && `?after=${encodeURIComponent(next)}`}`);
      all.push(...(page[of] ?? []));
      ({ next } = page);
    }
    return all;
  };
  const records = {};
  for (const resource of ['sites', 'units', 'blower-tables', 'shop'])
    records[resource] = await pages(resource, 'records');
  records.visits = [];
  for (const { id } of await pages('visits', 'visits')) records.visits.push(await get(`visits/${id}`));
  for (const [resource, all] of Object.entries(records))
    for (const { id } of all) await get(`${resource}/${id}/history`);
  return { records, faults };
}
