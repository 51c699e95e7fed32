import { Sequelize } from 'sequelize'
import { Umzug, type MigrationParams } from 'umzug'
import { migrations } from './migrations'

/** A connection pool to the database. */
export function connect(databaseUrl: string): Sequelize {
  return new Sequelize(databaseUrl, { dialect: 'postgres', logging: false, pool: { max: 10 } })
}

/** Brings the database's tables up to date; safe to run by several processes at once. */
export async function migrateDatabase(sequelize: Sequelize): Promise<void> {
  await sequelize.transaction(async (transaction) => {
    await sequelize.query('select pg_advisory_xact_lock(4180)', { transaction })
    await sequelize.query('create table if not exists migrations (name text primary key)', { transaction })
    const run = (sql: string) => sequelize.query(sql, { transaction })
    const umzug = new Umzug({
      migrations: migrations.map(({ name, up }) => ({
        name,
        up: ({ context }: MigrationParams<{ run: typeof run }>) => context.run(up),
      })),
      context: { run },
      logger: undefined,
      storage: {
        executed: async () => {
          const [rows] = await sequelize.query('select name from migrations order by name', { transaction })
          return (rows as { name: string }[]).map(({ name }) => name)
        },
        logMigration: async ({ name }) => {
          await sequelize.query('insert into migrations values (:name)', {
            replacements: { name },
            transaction,
          })
        },
        unlogMigration: async () => undefined,
      },
    })
    await umzug.up()
  })
}
