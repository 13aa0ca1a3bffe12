import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Rows go when their job is deleted. */
const WITH_ITS_JOB = 'ON DELETE CASCADE ON UPDATE NO ACTION';

/** What repeats say of the person's own error with each instrument, job by job and spot by spot. */
export class Instruments1764100000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE "instrument_repeat" (
        "job_id" text NOT NULL,
        "instrument" text NOT NULL,
        "first" text NOT NULL,
        "repeats" integer NOT NULL,
        "squares" real NOT NULL,
        PRIMARY KEY ("job_id", "instrument", "first"),
        CONSTRAINT "instrument_repeat_of_job" FOREIGN KEY ("job_id") REFERENCES "job" ("id") ${WITH_ITS_JOB}
      )`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TABLE "instrument_repeat"`);
  }
}
