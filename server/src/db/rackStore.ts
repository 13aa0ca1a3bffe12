import { offcutSchema, type Offcut } from '@dormer/core/job';
import { OffcutEntity } from './entities';
import type { Storage } from './storage';

/** The offcut rack: what is left of boards, for every job. Putting or taking the same piece twice is doing it once. */
export class RackStore {
  constructor(
    private readonly storage: Storage,
    private readonly now: () => Date = () => new Date(),
  ) {}

  async list(): Promise<Offcut[]> {
    const rows = await this.storage.read((manager) =>
      manager.find(OffcutEntity, { order: { changedAt: 'ASC', id: 'ASC' } }),
    );
    return rows.flatMap(({ document }) => pieceIn(document) ?? []);
  }

  async put(piece: Offcut): Promise<void> {
    const row = { id: piece.id, document: JSON.stringify(piece), changedAt: this.now().toISOString() };
    await this.storage.write((manager) => manager.upsert(OffcutEntity, row, ['id']));
  }

  async remove(id: string): Promise<void> {
    await this.storage.write((manager) => manager.delete(OffcutEntity, { id }));
  }
}

/** A stored piece; null for one that is damaged. */
function pieceIn(document: string): Offcut | null {
  try {
    return offcutSchema.parse(JSON.parse(document));
  } catch {
    return null;
  }
}
