import { randomUUID } from 'node:crypto';
import type { MigrationInterface, QueryRunner } from 'typeorm';

/** The identity of the server, by which devices know it again. */
export class Server1764400000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE "server" (
        "id" text PRIMARY KEY NOT NULL,
        "made_at" text NOT NULL
      )`);
    const row = [randomUUID(), new Date().toISOString()];
    await runner.query(`INSERT INTO "server" ("id", "made_at") VALUES (?, ?)`, row);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TABLE "server"`);
  }
}
