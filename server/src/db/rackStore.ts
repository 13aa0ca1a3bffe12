import type { DataSource } from 'typeorm';
import { offcutSchema, type Offcut } from '@dormer/core/job';
import { OffcutEntity } from './entities';
import { inTurn } from './oneAtATime';

/** The offcut rack: what is left of boards, for every job. Putting or taking the same piece twice is doing it once. */
export class RackStore {
  constructor(
    private readonly database: DataSource,
    private readonly now: () => Date = () => new Date(),
  ) {}

  async list(): Promise<Offcut[]> {
    const rows = await inTurn(this.database, (manager) =>
      manager.find(OffcutEntity, { order: { changedAt: 'ASC', id: 'ASC' } }),
    );
    return rows.map((row) => offcutSchema.parse(JSON.parse(row.document)));
  }

  async put(piece: Offcut): Promise<void> {
    const row = { id: piece.id, document: JSON.stringify(piece), changedAt: this.now().toISOString() };
    await inTurn(this.database, (manager) => manager.upsert(OffcutEntity, row, ['id']));
  }

  async remove(id: string): Promise<void> {
    await inTurn(this.database, (manager) => manager.delete(OffcutEntity, { id }));
  }
}
