import { ref, type Schema } from '../schemas';
import { GONE, list, type Operation } from './operation';

const TAG = 'People';
const SIGNED: Schema = {
  type: 'object',
  description: 'What the browser’s passkey answered, with the id of the challenge.',
  required: ['id', 'response'],
  properties: { id: { type: 'string', format: 'uuid' }, response: { type: 'object' } },
};
const CHALLENGE: Schema = {
  type: 'object',
  required: ['id', 'options'],
  properties: { id: { type: 'string', format: 'uuid' }, options: { type: 'object' } },
};
const NOT_IN = {
  '401': 'Not known: the name, passphrase, passkey or code is wrong.',
  '429': 'Too many wrong tries.',
};
const OWNERS = { '403': 'Only an owner may do this.' };
const state = ref('SessionState');

/** The door, what a person does for himself, and who comes in. */
export const PEOPLE_OPERATIONS: readonly Operation[] = [
  { method: 'get', path: '/api/session', summary: 'Who asks', tag: TAG, answer: state },
  { method: 'delete', path: '/api/session', summary: 'Signs out here', tag: TAG, answer: undefined },
  {
    method: 'post',
    path: '/api/session/passphrase',
    summary: 'Signs in by name and passphrase',
    tag: TAG,
    body: ref('SignIn'),
    answer: state,
    refusals: NOT_IN,
  },
  {
    method: 'post',
    path: '/api/session/passkey/options',
    summary: 'What a passkey has to sign',
    tag: TAG,
    answer: CHALLENGE,
  },
  {
    method: 'post',
    path: '/api/session/passkey',
    summary: 'Signs in by a passkey',
    tag: TAG,
    body: SIGNED,
    answer: state,
    refusals: NOT_IN,
  },
  {
    method: 'post',
    path: '/api/session/code',
    summary: 'Comes in by a code, once',
    tag: TAG,
    body: ref('EntryCode'),
    answer: state,
    refusals: NOT_IN,
  },
  {
    method: 'put',
    path: '/api/me/passphrase',
    summary: 'Sets name and passphrase of the person who asks',
    tag: TAG,
    body: ref('Passphrase'),
    answer: state,
    refusals: { '409': 'Somebody signs in by that name already.' },
  },
  {
    method: 'post',
    path: '/api/me/passkeys/options',
    summary: 'What a new passkey is made of',
    tag: TAG,
    answer: CHALLENGE,
  },
  { method: 'post', path: '/api/me/passkeys', summary: 'Keeps a new passkey', tag: TAG, body: SIGNED, answer: state },
  {
    method: 'get',
    path: '/api/me/devices',
    summary: 'The phones and browsers of the person who asks',
    tag: TAG,
    answer: list('devices', ref('SignedInDevice')),
  },
  {
    method: 'delete',
    path: '/api/me/devices',
    summary: 'Signs out everywhere but here',
    tag: TAG,
    answer: undefined,
  },
  {
    method: 'delete',
    path: '/api/me/devices/:id',
    summary: 'Signs one device out',
    tag: TAG,
    answer: undefined,
    refusals: GONE,
  },
  {
    method: 'post',
    path: '/api/me/phone',
    summary: 'A code for another device of the person who asks',
    tag: TAG,
    answer: ref('MadeEntryCode'),
  },
  {
    method: 'get',
    path: '/api/people',
    summary: 'The people of the shop',
    tag: TAG,
    answer: list('people', ref('PersonOfShop')),
  },
  {
    method: 'put',
    path: '/api/people/:id',
    summary: 'Adds a person, or changes name and role',
    tag: TAG,
    body: ref('Person'),
    answer: undefined,
    refusals: { ...OWNERS, '409': 'The shop needs an owner.' },
  },
  {
    method: 'post',
    path: '/api/people/:id/code',
    summary: 'A code that lets a person in once',
    tag: TAG,
    answer: ref('MadeEntryCode'),
    refusals: { ...OWNERS, ...GONE },
  },
  {
    method: 'delete',
    path: '/api/people/:id',
    summary: 'A person leaves: every way in ends, what was written stays',
    tag: TAG,
    answer: undefined,
    refusals: { ...OWNERS, ...GONE, '409': 'The shop needs an owner.' },
  },
];
