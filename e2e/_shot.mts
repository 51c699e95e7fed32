import { writeFileSync } from 'node:fs'
import { launchBrowser, setViewport } from './browser'
const { driver, close } = await launchBrowser()
await setViewport(driver, 1280, 800)
const base = 'http://127.0.0.1:4180'
try {
  for (const arg of process.argv.slice(2)) {
    const [name, path, script] = arg.split('|')
    await driver.get(base + path)
    await driver.sleep(1800)
    if (script) {
      await driver.executeScript(script)
      await driver.sleep(900)
    }
    writeFileSync(`/tmp/shots/${name}.png`, await driver.takeScreenshot(), 'base64')
  }
  const logs = await driver.manage().logs().get('browser')
  for (const l of logs.slice(0, 10)) console.log(l.level.name, l.message.slice(0, 300))
} finally {
  await close()
}
