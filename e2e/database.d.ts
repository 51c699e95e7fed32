declare module '*/scripts/database.mjs' {
  export class Database {
    constructor(folder: string, options?: { forTests?: boolean })
    start(): Promise<string>
    stop(): Promise<void>
    readonly pid: number
    readonly data: string
  }
  export function databaseFolder(): string
  export function freePort(): Promise<number>
}
