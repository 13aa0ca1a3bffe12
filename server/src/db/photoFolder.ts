import { randomUUID } from 'node:crypto';
import { mkdir, open, readdir, readFile, rename, rm, stat } from 'node:fs/promises';
import path from 'node:path';
import { PHOTO_TYPES, type PhotoType } from '@dormer/core/job';

const PART = '.part';
/** Name of a photo's file: its id and its type. */
const PHOTO_FILE = /^([A-Za-z0-9_-]{1,64})\.(jpeg|png|webp)$/;
const EXTENSION = (type: PhotoType): string => type.replace('image/', '');

/** Photos as files in the data folder, each by its id; a file is there whole or not at all. */
export class PhotoFolder {
  private readonly folder: string;

  constructor(dataFolder: string) {
    this.folder = path.join(dataFolder, 'photos');
  }

  /** Keeps a photo. @returns once it is on the disk, and its name in the folder is */
  async put(id: string, type: PhotoType, contents: Buffer): Promise<void> {
    await mkdir(this.folder, { recursive: true });
    const part = path.join(this.folder, `${randomUUID()}${PART}`);
    try {
      const file = await open(part, 'wx');
      try {
        await file.writeFile(contents);
        await file.sync();
      } finally {
        await file.close();
      }
      await rename(part, this.pathOf(id, type));
      await this.syncFolder();
    } catch (error) {
      await rm(part, { force: true });
      throw error;
    }
  }

  /** File names of all photos. */
  async names(): Promise<string[]> {
    const names = await readdir(this.folder).catch(() => []);
    return names.filter((name) => PHOTO_FILE.test(name)).sort();
  }

  /** A photo by its file name; null where there is none. */
  file(name: string): Promise<Buffer | null> {
    return readFile(path.join(this.folder, name)).catch(() => null);
  }

  /** Keeps a photo under its file name unless there is one. @returns whether it was kept */
  async putIfAbsent(name: string, contents: Buffer): Promise<boolean> {
    const [, id, extension] = PHOTO_FILE.exec(name) ?? [];
    const type = PHOTO_TYPES.find((known) => EXTENSION(known) === extension);
    if (!id || !type || (await this.file(name))) return false;
    await this.put(id, type, contents);
    return true;
  }

  /** @returns null where there is none of that id */
  async get(id: string): Promise<{ readonly type: PhotoType; readonly contents: Buffer } | null> {
    for (const type of PHOTO_TYPES) {
      const contents = await readFile(this.pathOf(id, type)).catch(() => null);
      if (contents) return { type, contents };
    }
    return null;
  }

  async remove(id: string): Promise<void> {
    for (const type of PHOTO_TYPES) await rm(this.pathOf(id, type), { force: true });
  }

  /**
   * Removes files that nothing refers to: photos of no job, and parts of photos whose sending broke off.
   * @param referred ids of the photos that some version of some job shows
   * @param before files that are younger stay: their job may not have been saved yet
   */
  async clean(referred: ReadonlySet<string>, before: Date): Promise<void> {
    for (const name of await readdir(this.folder).catch(() => [])) {
      const file = path.join(this.folder, name);
      if (!name.endsWith(PART) && referred.has(path.parse(name).name)) continue;
      const { mtime } = await stat(file);
      if (mtime < before) await rm(file, { force: true });
    }
  }

  /** Ids are letters, digits, `-` and `_`: none leads out of the folder. */
  private pathOf(id: string, type: PhotoType): string {
    return path.join(this.folder, `${id}.${EXTENSION(type)}`);
  }

  /** A file system writes a folder's names apart from its files. Some cannot be asked to; they do so by themselves. */
  private async syncFolder(): Promise<void> {
    const folder = await open(this.folder, 'r').catch(() => null);
    await folder?.sync().catch(() => undefined);
    await folder?.close();
  }
}
