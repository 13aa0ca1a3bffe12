import type { Device } from './device';
import type { JobRecord } from './record';

/** Writes the records of one tab to the device: those of one job one after another, each over what is known there. */
export class Keeper {
  private readonly known = new Map<string, JobRecord>();
  private readonly writing = new Map<string, Promise<unknown>>();

  constructor(private readonly device: Device) {}

  /** The device has this record: it was read from there, or another tab put it there. */
  learn(record: JobRecord): void {
    this.known.set(record.id, record);
  }

  /** Keeps a record. @returns the record as the device has it then */
  keep(record: JobRecord): Promise<JobRecord> {
    return this.inTurn(record.id, async () => {
      const stored = await this.device.keep(record, this.known.get(record.id));
      this.known.set(record.id, stored);
      return stored;
    });
  }

  forget(id: string): Promise<void> {
    return this.inTurn(id, async () => {
      await this.device.forget(id);
      this.known.delete(id);
    });
  }

  private inTurn<T>(id: string, work: () => Promise<T>): Promise<T> {
    const before = this.writing.get(id) ?? Promise.resolve();
    const turn = before.catch(() => undefined).then(work);
    this.writing.set(id, turn);
    return turn;
  }
}
