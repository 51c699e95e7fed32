import { runCommand } from './commands'

const print = (stream: NodeJS.WriteStream) => (line: string) => void stream.write(`${line}\n`)
process.exitCode = await runCommand(process.argv.slice(2), print(process.stdout), print(process.stderr))
