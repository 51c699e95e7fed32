import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Builder, type WebDriver } from 'selenium-webdriver'
import { Options, ServiceBuilder, type Driver } from 'selenium-webdriver/chrome.js'

const ARGUMENTS = [
  '--headless',
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--hide-scrollbars',
]

/** A Chromium with a profile of its own, and how to end it. */
export interface Browser {
  driver: WebDriver
  close: () => Promise<void>
}

/** Starts Debian's Chromium, headless. */
export async function launchBrowser(): Promise<Browser> {
  const profile = mkdtempSync(join(tmpdir(), 'nolvex-chromium-'))
  const options = new Options()
  options.setBinaryPath('/usr/bin/chromium')
  options.addArguments(...ARGUMENTS, `--user-data-dir=${profile}`)
  options.setLoggingPrefs({ browser: 'ALL' } as never)
  const driver = await new Builder()
    .forBrowser('chrome')
    .setChromeOptions(options)
    .setChromeService(new ServiceBuilder('/usr/bin/chromedriver'))
    .build()
  await driver.manage().setTimeouts({ script: 120_000, pageLoad: 60_000 })
  const close = async () => {
    await driver.quit()
    rmSync(profile, { recursive: true, force: true, maxRetries: 5 })
  }
  return { driver, close }
}

/** Sets the viewport to an exact size in CSS pixels. */
export async function setViewport(driver: WebDriver, width: number, height: number): Promise<void> {
  const metrics = { width, height, deviceScaleFactor: 1, mobile: false }
  await (driver as Driver).sendDevToolsCommand('Emulation.setDeviceMetricsOverride', metrics)
}
