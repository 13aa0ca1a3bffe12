import type { MigrationInterface, QueryRunner } from 'typeorm';

/** The offcut rack: pieces of wood that are left of all jobs. */
export class Rack1764200000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      CREATE TABLE "offcut" (
        "id" text PRIMARY KEY NOT NULL,
        "document" text NOT NULL,
        "changed_at" text NOT NULL
      )`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TABLE "offcut"`);
  }
}
