import type { Role } from '@huff/contract';
import { inShop } from '../db/shopFence';
import type { Request, RequestHandler } from 'express';

/** Who is asking: every row written carries both. */
export interface Author {
  readonly shopId: string;
  readonly personId: string;
  readonly role: Role;
}

/** The first shop, and its first owner: anyone who sits at the server's own computer, until the owner can sign in. */
export const DEMO_AUTHOR: Author = {
  shopId: '5b0f0000-0000-4000-8000-000000000001',
  personId: '5b0f0000-0000-4000-8000-000000000002',
  role: 'owner',
};

const AUTHORS = new WeakMap<Request, Author>();

export const supplyAuthor =
  (author: Author): RequestHandler =>
  (req, _res, next) => {
    AUTHORS.set(req, author);
    inShop(author.shopId, next);
  };

export function authorOf(req: Request): Author {
  const author = AUTHORS.get(req);
  if (!author) throw new Error('supplyAuthor must run before the routes');
  return author;
}
