import { By, error, Key, until, type WebDriver, type WebElement } from 'selenium-webdriver'

const PATIENCE = 15_000

/** Somebody at a window: finds things by what they say, clicks, types and drags. */
export class Person {
  constructor(readonly driver: WebDriver) {}

  async open(address: string): Promise<void> {
    await this.driver.get(address)
  }

  async see(css: string): Promise<WebElement> {
    return this.driver.wait(until.elementLocated(By.css(css)), PATIENCE, `${css} did not appear`)
  }

  async all(css: string): Promise<WebElement[]> {
    return this.driver.findElements(By.css(css))
  }

  async text(css: string): Promise<string> {
    return (await this.see(css)).getText()
  }

  async click(css: string): Promise<void> {
    const element = await this.see(css)
    await this.driver.wait(until.elementIsVisible(element), PATIENCE)
    await element.click()
  }

  /** Clicks the button (or link) with these words. */
  async press(words: string): Promise<void> {
    const pressable = "self::button or self::a or (self::label and contains(@class, 'el-radio-button'))"
    const xpath = `//*[${pressable}][contains(normalize-space(.), ${JSON.stringify(words)})]`
    const element = await this.driver.wait(
      until.elementLocated(By.xpath(xpath)),
      PATIENCE,
      `no button says “${words}”`,
    )
    await this.driver.wait(until.elementIsVisible(element), PATIENCE)
    await element.click()
  }

  /** Fills a field with other words and leaves it. */
  async fill(css: string, words: string): Promise<void> {
    const element = await this.see(css)
    await element.sendKeys(Key.chord(Key.CONTROL, 'a'), words, Key.ENTER)
  }

  /** Chooses by its words from the list of a field. @param css of the field or what holds it */
  async choose(css: string, words: string): Promise<void> {
    const field = await this.see(css)
    await this.driver.executeScript(
      `const [field] = arguments; const one = field.closest('.el-select__wrapper') ?? field.querySelector('.el-select__wrapper')
       one.scrollIntoView({ block: 'nearest' }); one.click()`,
      field,
    )
    const item = `//*[contains(@class,"el-select-dropdown__item")][starts-with(normalize-space(translate(., '\u2003', ' ')), ${JSON.stringify(words)})]`
    await this.driver.wait(
      async () => {
        for (const found of await this.driver.findElements(By.xpath(item)))
          if (await found.isDisplayed()) return this.isClicked(found)
        return false
      },
      PATIENCE,
      `no choice says “${words}”`,
    )
  }

  /** Whether an element could be clicked: a list that is still moving to its place may lie under its own field. */
  private async isClicked(element: WebElement): Promise<boolean> {
    try {
      await element.click()
      return true
    } catch (failure) {
      if (failure instanceof error.ElementClickInterceptedError) return false
      throw failure
    }
  }

  /** Selects a block by its name in the outline, of which only the lines in view are there. */
  async selectBlock(name: string, isAdded = false): Promise<void> {
    const isFound = await this.driver.executeAsyncScript(
      `const [name, shiftKey, done] = arguments
       const list = document.querySelector('.outline')
       const look = (top) => {
         list.scrollTop = top
         requestAnimationFrame(() => requestAnimationFrame(() => {
           const line = [...list.querySelectorAll('[data-outline]')].find((one) => one.querySelector('.called').textContent === name)
           if (line) line.dispatchEvent(new MouseEvent('click', { bubbles: true, shiftKey }))
           if (line || top > list.scrollHeight) done(Boolean(line))
           else look(top + Math.max(24, list.clientHeight / 2))
         }))
       }
       look(0)`,
      name,
      isAdded,
    )
    if (!isFound) throw new Error(`The outline has no “${name}”.`)
  }

  /** Pastes a long text into a field, which typing would take minutes for. */
  async paste(css: string, text: string): Promise<void> {
    await this.driver.executeScript(
      `arguments[0].value = arguments[1]; arguments[0].dispatchEvent(new Event('input'))`,
      await this.see(css),
      text,
    )
  }

  async keys(...keys: string[]): Promise<void> {
    await this.driver
      .actions()
      .sendKeys(...keys)
      .perform()
  }

  /** Presses a key with modifiers held, the key last. */
  async chord(...keys: string[]): Promise<void> {
    const key = keys[keys.length - 1]
    const modifiers = keys.slice(0, -1)
    const actions = this.driver.actions()
    for (const modifier of modifiers) actions.keyDown(modifier)
    actions.sendKeys(key)
    for (const modifier of modifiers) actions.keyUp(modifier)
    await actions.perform()
  }

  /** Drags from an element's middle by some px, in steps, as a hand would. */
  async drag(css: string, dx: number, dy: number, stepMs = 20): Promise<void> {
    const origin = await this.see(css)
    const actions = this.driver.actions({ async: true }).move({ origin }).press()
    for (let step = 1; step <= 6; step++) {
      actions.move({
        origin: 'pointer' as never,
        x: Math.round((dx * step) / 6) - Math.round((dx * (step - 1)) / 6),
        y: Math.round((dy * step) / 6) - Math.round((dy * (step - 1)) / 6),
        duration: stepMs,
      })
    }
    await actions.pause(stepMs).release().perform()
  }

  /** Waits until something in the page is so. */
  async until(what: string, check: () => Promise<boolean>, patience = PATIENCE): Promise<void> {
    await this.driver.wait(async () => check().catch(() => false), patience, `${what} did not come true`)
  }

  async saved(): Promise<void> {
    await this.until('saved', async () => (await this.text('.saving .state')) === 'Saved')
  }

  async number(script: string): Promise<number> {
    return Number(await this.driver.executeScript(script))
  }
}
