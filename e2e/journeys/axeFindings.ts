import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import type { WebDriver } from 'selenium-webdriver'

const axe = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8')

/** What axe finds on the page that is open. @param counts which of its findings are meant */
export async function axeFindings(
  driver: WebDriver,
  counts: 'serious' | 'level A and AA' = 'serious',
): Promise<string[]> {
  await driver.executeScript(axe)
  const only = counts === 'serious' ? {} : { runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa'] }
  const { violations } = (await driver.executeAsyncScript(
    `const [options, done] = arguments; axe.run(document, { resultTypes: ['violations'], preload: false, iframes: false, ...options }).then(done)`,
    only,
  )) as { violations: { id: string; impact: string; nodes: { target: string[] }[] }[] }
  return violations
    .filter(({ impact }) => counts !== 'serious' || impact === 'serious' || impact === 'critical')
    .map(
      ({ id, nodes }) =>
        `${id} at ${nodes
          .slice(0, 3)
          .map(({ target }) => target.join(' '))
          .join(', ')}`,
    )
}

/** Every rule of axe that the page that is open breaks, best practices and those of WCAG 2.2 counted in. */
export async function axeRulesBroken(driver: WebDriver): Promise<string[]> {
  await driver.executeScript(axe)
  return driver.executeAsyncScript(
    `const [done] = arguments
     const rules = { 'target-size': { enabled: true } }
     axe.run(document, { resultTypes: ['violations'], preload: false, rules }).then(({ violations }) => done(violations.map(({ id }) => id)))`,
  )
}
