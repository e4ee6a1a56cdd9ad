import type { Db } from './db';

/** A database that is still being opened: the routes may be built at once and wait behind `whenReady`. */
export class LateDb implements Db {
  private opened: Db | undefined;

  open(db: Db): void {
    this.opened = db;
  }

  private get db(): Db {
    if (!this.opened) throw new Error('The database is not open yet.');
    return this.opened;
  }

  query: Db['query'] = (sql, params) => this.db.query(sql, params);
  transaction: Db['transaction'] = (work) => this.db.transaction(work);
  script: Db['script'] = (sql) => this.db.script(sql);
  alone: Db['alone'] = (name, work) => this.db.alone(name, work);
  tell: Db['tell'] = (topic) => this.db.tell(topic);
  hear: Db['hear'] = (topic, then) => this.db.hear(topic, then);
  close: Db['close'] = async () => this.opened?.close();
}
