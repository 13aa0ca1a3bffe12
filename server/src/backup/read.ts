import { createHash } from 'node:crypto';
import { buffer } from 'node:stream/consumers';
import yauzl from 'yauzl';
import type { z } from 'zod';
import { BACKUP_VERSION, BackupError, FILES, manifestSchema, type Manifest } from './contents';
import { say } from '../words';

/** The largest file a backup can hold: a photo. Bytes. */
const LARGEST_FILE = 16 * 1024 * 1024;

const DAMAGED = say('backup.damaged');

const NO_ZIP = say('backup.noZip');

/** A backup whose files were all found whole. */
export class Backup {
  private constructor(
    private readonly zip: yauzl.ZipFile,
    private readonly entries: ReadonlyMap<string, yauzl.Entry>,
    readonly manifest: Manifest,
  ) {}

  /**
   * Opens a backup and reads all of it once.
   * @throws BackupError when it is no zip, no backup, damaged, or of a later Dormer
   */
  static async open(file: string): Promise<Backup> {
    const zip = await yauzl.openPromise(file, { autoClose: false }).catch((error: Error) => {
      throw new BackupError(/central directory/i.test(error.message) ? NO_ZIP : DAMAGED);
    });
    try {
      const entries = new Map<string, yauzl.Entry>();
      for await (const entry of zip.eachEntry()) entries.set(entry.fileName, entry);
      const backup = new Backup(zip, entries, await manifestIn(zip, entries));
      await backup.checkAll();
      return backup;
    } catch (error) {
      zip.close();
      throw error instanceof BackupError ? error : new BackupError(DAMAGED);
    }
  }

  close(): void {
    this.zip.close();
  }

  /** Names of files below a folder. */
  names(folder: string): string[] {
    return Object.keys(this.manifest.files).filter((name) => name.startsWith(`${folder}/`));
  }

  async contents(name: string): Promise<Buffer> {
    const data = await read(this.zip, this.entries.get(name));
    if (createHash('sha256').update(data).digest('hex') !== this.manifest.files[name]) throw new BackupError(DAMAGED);
    return data;
  }

  /** A JSON file in its shape. */
  async json<T>(name: string, shape: z.ZodType<T>): Promise<T> {
    const contents = await this.contents(name);
    try {
      return shape.parse(JSON.parse(contents.toString('utf8')));
    } catch {
      throw new BackupError(DAMAGED);
    }
  }

  private async checkAll(): Promise<void> {
    for (const name of Object.keys(this.manifest.files)) await this.contents(name);
  }
}

async function manifestIn(zip: yauzl.ZipFile, entries: ReadonlyMap<string, yauzl.Entry>): Promise<Manifest> {
  const entry = entries.get(FILES.manifest);
  if (!entry) throw new BackupError(say('backup.foreign'));
  const found: unknown = JSON.parse((await read(zip, entry)).toString('utf8'));
  const { version } = found as { version?: unknown };
  if (typeof version === 'number' && version > BACKUP_VERSION) {
    throw new BackupError(say('backup.later'));
  }
  return manifestSchema.parse(found);
}

async function read(zip: yauzl.ZipFile, entry: yauzl.Entry | undefined): Promise<Buffer> {
  if (!entry || entry.uncompressedSize > LARGEST_FILE) throw new BackupError(DAMAGED);
  return buffer(await zip.openReadStreamPromise(entry));
}
