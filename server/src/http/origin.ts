import type { Request } from 'express';

/** Under which address this was asked: links in what is sent lead back there. The door has let the name in. */
export const originOf = (req: Request): string => `${req.protocol}://${req.get('host') ?? 'localhost'}`;
