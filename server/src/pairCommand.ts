import { existsSync } from 'node:fs';
import path from 'node:path';
import { Pairing } from './access/pairing';
import { runCommand } from './command';
import { DataFolderError } from './db/dataFolder';
import { DATABASE_FILE } from './db/open';
import { Storage } from './db/storage';
import { codeWords, inGroups } from './home/terminal';
import { say } from './words';

/** `dormer pair`: a pairing code for the server that uses the data folder. */
runCommand(async (_args, folder) => {
  if (!existsSync(path.join(folder, DATABASE_FILE))) throw new DataFolderError(say('command.noData', { folder }));
  const storage = await Storage.openBeside(folder);
  try {
    const { code } = await new Pairing(storage).makeCode();
    return `${say('command.code', { code: inGroups(code) })}\n${codeWords}`;
  } finally {
    await storage.close();
  }
});
