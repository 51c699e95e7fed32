declare module '*/scripts/database.mjs' {
  import type { ChildProcess } from 'node:child_process'
  export class Database {
    constructor(folder: string, options?: { forTests?: boolean })
    start(): Promise<string>
    /** where the application connects to, and where its superuser does */
    readonly url: string
    readonly adminUrl: string
    stop(): Promise<void>
    readonly pid: number
    readonly data: string
  }
  export function databaseFolder(): string
  export function freePort(): Promise<number>
  export function endProcess(
    child: ChildProcess | undefined,
    signals: string[],
    times: Record<string, number>,
  ): Promise<void>
}
