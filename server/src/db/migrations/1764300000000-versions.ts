import type { MigrationInterface, QueryRunner } from 'typeorm';
import { documentOf, summaryText } from '../documents';

interface KeptVersion {
  readonly job_id: string;
  readonly version: number;
  readonly document: string;
}

/** Versions are summarised beside their documents, and those that a person decided against are marked. */
export class Versions1764300000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "job_version" ADD COLUMN "summary" text`);
    await runner.query(`ALTER TABLE "job_version" ADD COLUMN "set_aside" integer NOT NULL DEFAULT (0)`);
    await summariseAll(runner);
    await runner.query(`
      CREATE INDEX "job_version_listed"
        ON "job_version" ("job_id", "version", "saved_at", "set_aside", "name", "summary")`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP INDEX "job_version_listed"`);
    await runner.query(`ALTER TABLE "job_version" DROP COLUMN "set_aside"`);
    await runner.query(`ALTER TABLE "job_version" DROP COLUMN "summary"`);
  }
}

/** One document at a time: all of them may be more than fits into memory. */
async function summariseAll(runner: QueryRunner): Promise<void> {
  const keys: readonly { row: number }[] = await runner.query(`SELECT rowid AS "row" FROM "job_version"`);
  for (const { row } of keys) {
    const [kept]: readonly KeptVersion[] = await runner.query(
      `SELECT "job_id", "version", "document" FROM "job_version" WHERE rowid = ?`,
      [row],
    );
    const summary = kept ? summaryText(documentOf(kept)) : null;
    if (summary) await runner.query(`UPDATE "job_version" SET "summary" = ? WHERE rowid = ?`, [summary, row]);
  }
}
