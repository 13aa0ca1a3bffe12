import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Rows go when their job is deleted. */
const WITH_ITS_JOB = 'ON DELETE CASCADE ON UPDATE NO ACTION';

/** Jobs and every version of each that was ever saved. */
export class Jobs1764000000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE "job" (
        "id" text PRIMARY KEY NOT NULL,
        "name" text NOT NULL,
        "summary" text NOT NULL,
        "version" integer NOT NULL,
        "changed_at" text NOT NULL,
        "removed_at" text
      )`);
    await runner.query(`
      CREATE TABLE "job_version" (
        "job_id" text NOT NULL,
        "version" integer NOT NULL,
        "save_id" text NOT NULL,
        "document" text NOT NULL,
        "name" text NOT NULL,
        "saved_at" text NOT NULL,
        PRIMARY KEY ("job_id", "version"),
        CONSTRAINT "job_version_of_job" FOREIGN KEY ("job_id") REFERENCES "job" ("id") ${WITH_ITS_JOB}
      )`);
    await runner.query(`CREATE UNIQUE INDEX "job_version_save" ON "job_version" ("job_id", "save_id")`);
    await runner.query(`CREATE INDEX "job_changed" ON "job" ("changed_at")`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TABLE "job_version"`);
    await runner.query(`DROP TABLE "job"`);
  }
}
