import { mkdir, readFile, rename, rm, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { PHOTO_TYPES, type PhotoType } from '@dormer/core/job';

/** Photos as files in the data folder, each by its id; a file is there whole or not at all. */
export class PhotoFolder {
  private readonly folder: string;

  constructor(dataFolder: string) {
    this.folder = path.join(dataFolder, 'photos');
  }

  async put(id: string, type: PhotoType, contents: Buffer): Promise<void> {
    await mkdir(this.folder, { recursive: true });
    const file = this.file(id, type);
    const fresh = `${file}.${process.pid}.part`;
    await writeFile(fresh, contents);
    await rename(fresh, file);
  }

  /** @returns null where there is none of that id */
  async get(id: string): Promise<{ readonly type: PhotoType; readonly contents: Buffer } | null> {
    for (const type of PHOTO_TYPES) {
      const contents = await readFile(this.file(id, type)).catch(() => null);
      if (contents) return { type, contents };
    }
    return null;
  }

  async remove(id: string): Promise<void> {
    for (const type of PHOTO_TYPES) await rm(this.file(id, type), { force: true });
  }

  /** Ids are letters, digits, `-` and `_`: none leads out of the folder. */
  private file(id: string, type: PhotoType): string {
    return path.join(this.folder, `${id}.${type.replace('image/', '')}`);
  }
}
