import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import { ask } from './ask.mjs';

const JSON_BODY = { 'Content-Type': 'application/json' };
/** A word that stands in records of the first shop alone. */
export const FIRST_SHOP_WORD = `kingfisher${randomUUID().slice(0, 8)}`;
const KEYS = { sites: 'name', units: 'name', 'blower-tables': 'name', visits: 'title' };

/** Makes another shop in a data folder whose server does not run. @returns the code of its owner */
export function makeOtherShop(dataFolder) {
  const said = execFileSync(process.execPath, ['server/dist/shopTool.mjs', 'Gull works', 'Ada'], {
    env: { ...process.env, HUFF_DATA: dataFolder },
    encoding: 'utf8',
  });
  return /[2-9A-Z]{4}-[2-9A-Z]{4}-[2-9A-Z]{4}/.exec(said)[0];
}

/** Signs the owner of the other shop in. @returns the headers of whatever that shop asks */
export async function otherShopHeaders(url, code) {
  // Not at the server's own computer: that one is the first shop's.
  const elsewhere = { 'X-Forwarded-For': '192.0.2.9' };
  const answer = await fetch(`${url}/api/session/code`, {
    method: 'POST',
    headers: { ...JSON_BODY, ...elsewhere },
    body: JSON.stringify({ code }),
  });
  if (!answer.ok) throw new Error(`The other shop was not let in: ${answer.status} ${await answer.text()}`);
  return { ...elsewhere, Cookie: answer.headers.getSetCookie()[0].split(';')[0] };
}

/**
 * Puts records into the first shop that only it may ever see.
 *
 * @returns them as they stand there, by their address, and the samples with their ids under harmless names: what the other shop asks about
 */
export async function hideInFirstShop(url, samples) {
  const hidden = new Map();
  const records = structuredClone(samples.records);
  for (const [resource, key] of Object.entries(KEYS)) {
    const record = { ...structuredClone(samples.records[resource][0]), id: randomUUID() };
    if (resource === 'visits') Object.assign(record, { readings: [], facts: [] });
    const address = `/api/${resource}/${record.id}`;
    const body = JSON.stringify({ ...record, [key]: `The ${FIRST_SHOP_WORD} ${resource}` });
    const put = await ask(url, { method: 'PUT', path: address, headers: JSON_BODY, body });
    if (put.status !== 204) throw new Error(`${address}: ${put.status} ${put.text}`);
    hidden.set(address, await read(url, address));
    records[resource] = [{ ...record, [key]: 'Plain' }, ...records[resource].slice(0, 4)];
  }
  return { hidden, samples: { ...samples, records } };
}

async function read(url, address) {
  const { text } = await ask(url, { method: 'GET', path: address, headers: {} });
  return JSON.parse(text);
}

/** Of what was hidden in the first shop, what is not as it was. */
export async function changedInFirstShop(url, hidden) {
  const faults = [];
  for (const [address, before] of hidden)
    if (!isDeepStrictEqual(await read(url, address), before)) faults.push(`GET ${address}: another shop changed it`);
  return faults;
}
