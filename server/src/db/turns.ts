import { Mutex } from 'async-mutex';
import type { DataSource, EntityManager } from 'typeorm';

const turns = new WeakMap<DataSource, Mutex>();

/** One connection serves all, so its work is done one piece after another, each a transaction of its own. */
export function inTurn<T>(database: DataSource, task: (manager: EntityManager) => Promise<T>): Promise<T> {
  const turn = turns.get(database) ?? new Mutex();
  turns.set(database, turn);
  return turn.runExclusive(() => database.transaction(task));
}
