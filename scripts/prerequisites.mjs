import { execFileSync, spawnSync } from 'node:child_process'
import { existsSync, readdirSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

export const ROOT = fileURLToPath(new URL('..', import.meta.url))

/** Something that stops a script, told in one sentence and without a stack. */
export class CannotGoOn extends Error {}

/** The newest PostgreSQL's programs, or undefined where there is none. */
export function postgresBin() {
  const base = '/usr/lib/postgresql'
  const versions = existsSync(base)
    ? readdirSync(base).filter((name) => existsSync(join(base, name, 'bin', 'initdb')))
    : []
  const newest = versions.sort((a, b) => Number(b) - Number(a))[0]
  return newest && join(base, newest, 'bin')
}

/** Debian packages by what shows that they are there. */
const PACKAGES = {
  postgresql: () => postgresBin() !== undefined,
  chromium: () => existsSync('/usr/bin/chromium'),
  'chromium-driver': () => existsSync('/usr/bin/chromedriver'),
  'poppler-utils': () => existsSync('/usr/bin/pdftotext'),
}

/** Installs Debian packages that are missing: as root by itself, else it says the line to run. */
export function ensurePackages(names) {
  const missing = names.filter((name) => !PACKAGES[name]())
  if (missing.length === 0) return
  if (process.getuid?.() !== 0) {
    throw new CannotGoOn(
      `Missing: ${missing.join(', ')}. Run this and start again:\n  sudo apt-get install -y ${missing.join(' ')}`,
    )
  }
  console.log(`Installing ${missing.join(', ')} ...`)
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
  run('apt-get', ['update', '-qq'], { env, stdio: ['ignore', 'ignore', 'inherit'] })
  run('apt-get', ['install', '-y', '-qq', ...missing], { env, stdio: ['ignore', 'ignore', 'inherit'] })
}

/** Installs npm packages when the lock file is newer than what is installed. */
export function ensureModules() {
  const installed = join(ROOT, 'node_modules', '.package-lock.json')
  if (
    existsSync(installed) &&
    statSync(installed).mtimeMs >= statSync(join(ROOT, 'package-lock.json')).mtimeMs
  )
    return
  console.log('Installing npm packages ...')
  run('npm', ['ci', '--no-audit', '--no-fund'], { cwd: ROOT, stdio: ['ignore', 'ignore', 'inherit'] })
}

/** Builds server and interface when a source is newer than the build. */
export function ensureBuild() {
  const built = ['web/dist/index.html', 'server/dist/main.mjs'].map((file) => join(ROOT, file))
  const oldest = Math.min(...built.map((file) => (existsSync(file) ? statSync(file).mtimeMs : 0)))
  const sources = ['core/src', 'server/src', 'web/src', 'web/index.html', 'package-lock.json'].map((name) =>
    join(ROOT, name),
  )
  if (sources.every((source) => newest(source) <= oldest)) return
  console.log('Building ...')
  run('npm', ['run', '--silent', 'build'], { cwd: ROOT, stdio: ['ignore', 'ignore', 'inherit'] })
}

function newest(path) {
  if (!existsSync(path)) return 0
  const stat = statSync(path)
  if (!stat.isDirectory()) return stat.mtimeMs
  return Math.max(stat.mtimeMs, ...readdirSync(path).map((name) => newest(join(path, name))))
}

/** Runs a program to its end; a failure stops the script with what was tried. */
export function run(program, args, options = {}) {
  const { status, error } = spawnSync(program, args, options)
  if (error || status !== 0)
    throw new CannotGoOn(
      `This did not work: ${program} ${args.join(' ')}${error ? ` (${error.message})` : ''}`,
    )
}

/** What a program prints, trimmed. */
export const output = (program, args) => execFileSync(program, args, { encoding: 'utf8' }).trim()
