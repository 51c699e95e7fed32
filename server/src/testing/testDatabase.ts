import pg from 'pg'

/** Runs statements in the database server the tests have, outside what is tested. */
export async function inDatabase(url: string, ...statements: string[]): Promise<void> {
  const client = new pg.Client({ connectionString: url })
  await client.connect()
  for (const statement of statements) await client.query(statement)
  await client.end()
}

/** An empty database of this name for one test file. @returns its address */
export async function emptyDatabase(name: string): Promise<string> {
  const url = new URL(process.env.TEST_DATABASE_URL as string)
  // As in use, the application is no superuser: it owns its database and nothing else.
  const make = `create database ${name} owner ${url.username}`
  await inDatabase(process.env.TEST_DATABASE_ADMIN_URL as string, make)
  url.pathname = `/${name}`
  return url.toString()
}
