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
  await inDatabase(url.toString(), `create database ${name}`)
  url.pathname = `/${name}`
  return url.toString()
}
