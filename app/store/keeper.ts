import type { Device } from './device';
import { recordFromDevice, type JobRecord } from './record';

/** Writes the records of one tab to the device: those of one job one after another, each over what is known there. */
export class Keeper {
  private readonly known = new Map<string, JobRecord>();
  private readonly writing = new Map<string, Promise<unknown>>();

  constructor(private readonly device: Device) {}

  /** The device has this record: it was read from there at the start. */
  learn(record: JobRecord): void {
    this.known.set(record.id, record);
  }

  /**
   * Reads a record that another tab put on the device.
   * @param hear gets what this tab last knew the device to have, and what the device has
   */
  refresh(id: string, hear: (known: JobRecord | undefined, stored: JobRecord) => void): Promise<void> {
    return this.inTurn(id, async () => {
      const kept = await this.device.readRecord(id);
      if (!kept) return;
      const stored = recordFromDevice(kept);
      const known = this.known.get(id);
      this.known.set(id, stored);
      hear(known, stored);
    });
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
