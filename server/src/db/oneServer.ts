import { EventEmitter } from 'node:events';
import type { Db } from './db';

/** What several servers on one database tell each other, where there is one server: to itself. */
export function oneServer(): Pick<Db, 'alone' | 'tell' | 'hear'> {
  const topics = new EventEmitter();
  return {
    alone: (_name, work) => work(),
    tell: (topic) => {
      topics.emit(topic);
      return Promise.resolve();
    },
    hear: (topic, then) => void topics.on(topic, then),
  };
}
