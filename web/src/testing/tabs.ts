import { jest } from '@jest/globals'
import { Session, type SessionView } from '../session/session'
import { locks, until } from './pretendBrowser'
import { PretendServer } from './pretendServer'

const RETRY_MS = 1500

/** The server the tabs have. */
export let server: PretendServer
export let tabs: Tab[] = []
let project = 0

/** A tab with the project open, and what it shows. */
export interface Tab {
  session: Session
  view: SessionView
  name: string
}

/** A project nobody has opened yet, with its server, in a browser whose clock only moves when asked. */
export function beginProject() {
  jest.useFakeTimers({ doNotFake: ['setImmediate', 'nextTick', 'queueMicrotask', 'performance', 'Date'] })
  project++
  tabs = []
  locks.releaseAll()
  server = new PretendServer()
  server.install()
}

export function closeTabs() {
  for (const { session } of tabs) session.close()
  jest.useRealTimers()
}

export async function openTab(): Promise<Tab> {
  const tab = {} as Tab
  const streams = server.sockets.size
  tab.session = new Session(`project${project}`, (view) => (tab.view = view))
  tabs.push(tab)
  tab.name = await tab.session.open()
  if (server.isUp) await until(() => server.sockets.size > streams, 'the stream')
  return tab
}

export const isQuiet = ({ view }: Tab) => view.connection === 'saved' && view.waiting === 0
export const quiet = (...which: Tab[]) => until(() => which.every(isQuiet), 'everything saved')

/** Lets everything that was begun come to its end. */
export async function settle() {
  for (let turn = 0; turn < 20; turn++) await new Promise((resolve) => setImmediate(resolve))
}

/** Lets the time pass after which a tab tries again. */
export const retry = () => jest.advanceTimersByTimeAsync(RETRY_MS)
