import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Devices that may come in, the code by which the next one does, and which of them saved a version. */
export class Pairing1764500000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE "paired_device" (
        "id" text PRIMARY KEY NOT NULL,
        "name" text NOT NULL,
        "token_hash" text NOT NULL,
        "paired_at" text NOT NULL,
        "last_used_at" text NOT NULL
      )`);
    await runner.query(`CREATE UNIQUE INDEX "paired_device_token" ON "paired_device" ("token_hash")`);
    await runner.query(`
      CREATE TABLE "pairing_code" (
        "code" text PRIMARY KEY NOT NULL,
        "until" text NOT NULL,
        "tries_left" integer NOT NULL
      )`);
    await runner.query(`ALTER TABLE "job_version" ADD COLUMN "saved_by" text`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE "job_version" DROP COLUMN "saved_by"`);
    await runner.query(`DROP TABLE "pairing_code"`);
    await runner.query(`DROP INDEX "paired_device_token"`);
    await runner.query(`DROP TABLE "paired_device"`);
  }
}
