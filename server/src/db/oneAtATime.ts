import { Mutex } from 'async-mutex';
import type { DataSource, EntityManager } from 'typeorm';

const mutexes = new WeakMap<DataSource, Mutex>();

/** One connection serves all, so its work is done one piece after another, each a transaction of its own. */
export function inTurn<T>(database: DataSource, task: (manager: EntityManager) => Promise<T>): Promise<T> {
  const turn = mutexes.get(database) ?? new Mutex();
  mutexes.set(database, turn);
  return turn.runExclusive(() => database.transaction(task));
}
