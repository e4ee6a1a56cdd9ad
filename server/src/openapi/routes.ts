import { Router } from 'express';
import { openApiDocument } from './document';

/** The document of the whole interface, made when it is first asked for. */
export function openApiRoutes(): Router {
  let made: ReturnType<typeof openApiDocument> | undefined;
  return Router().get('/', (_req, res) => {
    res.json((made ??= openApiDocument()));
  });
}
