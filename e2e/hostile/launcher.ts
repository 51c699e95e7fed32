import { spawn } from 'node:child_process'
import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { freePort } from '../../scripts/database.mjs'
import { expectTrue } from '../expect'
import { ROOT, type Site } from '../site'

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms))

/**
 * The start command, on a database that is there: a server that dies twice at once is started again, and one that is
 * frozen is ended with everything else.
 */
export async function launcher({ databaseUrl }: Site): Promise<string> {
  const port = await freePort()
  const address = `http://127.0.0.1:${port}`
  const env = { ...process.env, DATABASE_URL: databaseUrl, PORT: String(port) }
  const command = spawn(process.execPath, [join(ROOT, 'scripts/start.mjs')], { env, stdio: 'ignore' })
  const ended = new Promise<void>((resolve) => command.once('exit', () => resolve()))
  try {
    await answers(address)
    for (let times = 0; times < 3; times++) {
      process.kill(serverOf(command.pid as number), 'SIGKILL')
      await answers(address)
    }
    const frozen = serverOf(command.pid as number)
    process.kill(frozen, 'SIGSTOP')
    const asked = Date.now()
    command.kill('SIGINT')
    await Promise.race([ended, pause(11_000)])
    expectTrue(command.exitCode !== null, 'a frozen server and its launcher end within ten seconds')
    expectTrue(!existsSync(`/proc/${frozen}`), 'and the server with it')
    return `killed three times and started again; frozen and ended in ${((Date.now() - asked) / 1000).toFixed(1)} s`
  } finally {
    command.kill('SIGKILL')
  }
}

/** The server a launcher has started: its child that runs the built program. */
function serverOf(launcher: number): number {
  for (const name of readdirSync('/proc').filter((one) => /^\d+$/.test(one))) {
    const read = (file: string) => {
      try {
        return readFileSync(`/proc/${name}/${file}`, 'utf8')
      } catch {
        return ''
      }
    }
    const isChild = read('stat').split(') ')[1]?.split(' ')[1] === String(launcher)
    if (isChild && read('cmdline').includes('main.mjs')) return Number(name)
  }
  throw new Error('the launcher has no server')
}

async function answers(address: string) {
  for (let tries = 0; tries < 200; tries++) {
    const response = await fetch(`${address}/health`).catch(() => undefined)
    if (response?.ok) return
    await pause(100)
  }
  throw new Error('the launcher’s server does not answer')
}
