import { spawn } from 'node:child_process'
import { CannotGoOn, ensureModules, ensurePackages, ROOT } from './prerequisites.mjs'

/** Every check there is, one after another; the last line counts them all. */
const steps = [
  { name: 'format', command: ['npx', 'prettier', '--check', '--log-level', 'warn', '.'] },
  { name: 'lint', command: ['npx', 'eslint', '--max-warnings', '0', '.'] },
  { name: 'types', command: ['npm', 'run', '--silent', 'typecheck'] },
  {
    name: 'unit tests',
    command: ['npm', 'run', '--silent', 'test:unit'],
    count: /^Tests:\s+(?:(\d+) failed, )?(?:\d+ skipped, )?(\d+) passed/m,
    failedFirst: true,
  },
  { name: 'build', command: ['npm', 'run', '--silent', 'build'] },
  {
    name: 'conformance',
    command: ['npm', 'run', '--silent', 'conformance'],
    count: /^(\d+) passed, (\d+) failed/m,
  },
  {
    name: 'hostile input',
    command: ['npm', 'run', '--silent', 'test:hostile'],
    count: /^(\d+) passed, (\d+) failed/m,
  },
  {
    name: 'browser tests',
    command: ['npm', 'run', '--silent', 'test:browser'],
    count: /^(\d+) passed, (\d+) failed/m,
  },
]

let passed = 0
let failed = 0

async function main() {
  ensurePackages(['postgresql', 'chromium', 'chromium-driver', 'poppler-utils'])
  ensureModules()
  for (const step of steps) await check(step)
  console.log(`${passed} passed, ${failed} failed`)
  process.exit(failed ? 1 : 0)
}

async function check({ name, command, count, failedFirst }) {
  const started = Date.now()
  console.log(`\n== ${name}`)
  const { code, text } = await runShown(command)
  const found = count && [...text.matchAll(new RegExp(count, 'gm'))].at(-1)
  const numbers = found
    ? [Number(found[1] ?? 0), Number(found[2] ?? 0)]
    : [code === 0 ? 1 : 0, code === 0 ? 0 : 1]
  const [good, bad] = found && failedFirst ? [numbers[1], numbers[0]] : numbers
  passed += good
  // A step that breaks off without counting has failed all the same.
  failed += bad || (code === 0 ? 0 : 1)
  console.log(
    `== ${name}: ${code === 0 ? 'well' : 'FAILED'} in ${((Date.now() - started) / 1000).toFixed(0)} s`,
  )
}

function runShown([program, ...args]) {
  return new Promise((resolve) => {
    const child = spawn(program, args, { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'] })
    let text = ''
    const show = (stream) => (part) => {
      text += part
      stream.write(part)
    }
    child.stdout.on('data', show(process.stdout))
    child.stderr.on('data', show(process.stderr))
    child.on('close', (code) => resolve({ code, text }))
  })
}

main().catch((error) => {
  console.error(error instanceof CannotGoOn ? error.message : error)
  console.log('0 passed, 1 failed')
  process.exit(1)
})
