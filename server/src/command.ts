import path from 'node:path';
import { BackupError } from './backup/contents';
import { DataFolderError } from './db/dataFolder';
import { isDiskFull } from './db/errorCode';
import { DiskFullError } from './db/storage';
import { say } from './words';

/**
 * Runs a command on the data folder (DORMER_DATA). What goes wrong is one plain sentence and exit 1.
 * @param work what the command does with its arguments and the folder; it returns what is said at the end
 */
export function runCommand(work: (args: readonly string[], folder: string) => Promise<string>): void {
  const folder = path.resolve(process.env.DORMER_DATA || 'data');
  work(process.argv.slice(2), folder).then(
    (said) => void process.stdout.write(`${said}\n`),
    (error: unknown) => {
      process.stderr.write(`${sentenceOf(error)}\n`);
      process.exitCode = 1;
    },
  );
}

function sentenceOf(error: unknown): string {
  if (error instanceof DataFolderError || error instanceof BackupError) return error.message;
  if (error instanceof DiskFullError || isDiskFull(error)) return say('command.diskFull');
  return say('command.failed', { reason: error instanceof Error ? error.message : String(error) });
}
