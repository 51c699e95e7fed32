import { spawn } from 'node:child_process'
import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { freePort } from '../../scripts/database.mjs'
import { expectTrue } from '../expect'
import { ROOT, type Site } from '../site'
import { DEMO } from './hostileInput'

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
    await childDiesWithServer(address, command.pid as number)
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

/** What a server has others do ends with it, whatever it is doing. */
async function childDiesWithServer(address: string, launcher: number) {
  const body = JSON.stringify({ format: 'map', file: 'png', paper: 'A2', date: '2026-05-31' })
  const headers = { 'content-type': 'application/json' }
  await fetch(`${address}/api/projects/${DEMO}/exports`, { method: 'POST', headers, body })
  const server = serverOf(launcher)
  let children: number[] = []
  for (let tries = 0; tries < 100 && children.length === 0; tries++) {
    children = childrenOf(server)
    await pause(20)
  }
  expectTrue(children.length > 0, 'an export has a process of its own')
  process.kill(server, 'SIGKILL')
  await pause(300)
  expectTrue(!children.some(isRunning), 'which ends with its server')
  await answers(address)
}

const read = (pid: number | string, file: string) => {
  try {
    return readFileSync(`/proc/${pid}/${file}`, 'utf8')
  } catch {
    return ''
  }
}
const isRunning = (pid: number) => /^State:\s+[RSD]/m.test(read(pid, 'status'))

function childrenOf(parent: number): number[] {
  const pids = readdirSync('/proc').filter((name) => /^\d+$/.test(name))
  return pids.filter((pid) => new RegExp(`^PPid:\\s+${parent}$`, 'm').test(read(pid, 'status'))).map(Number)
}

/** The server a launcher has started: its child that runs the built program. */
function serverOf(launcher: number): number {
  const found = childrenOf(launcher).find((pid) => read(pid, 'cmdline').includes('main.mjs'))
  if (!found) throw new Error('the launcher has no server')
  return found
}

async function answers(address: string) {
  for (let tries = 0; tries < 200; tries++) {
    const response = await fetch(`${address}/health`).catch(() => undefined)
    if (response?.ok) return
    await pause(100)
  }
  throw new Error('the launcher’s server does not answer')
}
