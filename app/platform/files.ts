import { LONGEST_FILE, writeJobFile, type Job } from '@dormer/core/job/document';

/** Hands a file to the browser to be kept. */
export function download(name: string, contents: string | Uint8Array<ArrayBuffer>, type: string): void {
  const address = URL.createObjectURL(new Blob([contents], { type }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  link.click();
  // The browser has taken it by the next turn.
  setTimeout(() => URL.revokeObjectURL(address), 1000);
}

/** A job as its file. */
export function downloadJob(job: Job): void {
  download(`${fileName(job.name)}.dormer.json`, writeJobFile(job), 'application/json');
}

/** A name as every file system takes it. */
export function fileName(name: string): string {
  const plain = name
    .normalize('NFC')
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-+|-+$/g, '');
  return plain.slice(0, 80) || 'job';
}

// A character takes at most four bytes: what is longer than this is too long, and need not be read to the end.
const MOST_READ_BYTES = 4 * LONGEST_FILE + 4;

/** Asks the person for a file. @returns it as it is, or null when none was chosen */
export function chooseFile(accept: string): Promise<File | null> {
  return new Promise((resolve) => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = accept;
    input.onchange = () => resolve(input.files?.[0] ?? null);
    input.oncancel = () => resolve(null);
    input.click();
  });
}

/** Asks the person for a file. @returns its text, of a huge one its beginning, or null when none was chosen */
export async function pickFile(accept: string): Promise<string | null> {
  const file = await chooseFile(accept);
  return file
    ? file
        .slice(0, MOST_READ_BYTES)
        .text()
        .catch(() => null)
    : null;
}
