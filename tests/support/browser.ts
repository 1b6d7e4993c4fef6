import { Builder, By, Key, type WebDriver, type WebElement } from "selenium-webdriver";
import { Options, ServiceBuilder } from "selenium-webdriver/chrome";

const SWITCHES = [
  "--headless=new",
  "--no-sandbox",
  "--disable-gpu",
  "--disable-quic",
  "--no-first-run",
  "--disable-background-networking",
  "--disable-component-update",
  "--disable-sync",
  "--disable-dev-shm-usage",
  "--hide-scrollbars",
];

/** A teacher at a window of 1280 by 800, who finds things by what they are called. */
export type Teacher = {
  driver: WebDriver;
  open(address: string): Promise<void>;
  /** The first element of that selector whose text or label holds the words. */
  find(selector: string, words?: string | RegExp): Promise<WebElement>;
  click(selector: string, words?: string | RegExp): Promise<void>;
  /** Takes a slip in hand, once more where the list was just drawn anew under the click. */
  take(words: string | RegExp): Promise<void>;
  write(selector: string, text: string): Promise<void>;
  press(...keys: string[]): Promise<void>;
  texts(selector: string): Promise<string[]>;
  /** Waits until `check` gives something true. */
  until<T>(what: string, check: () => Promise<T>, timeoutMs?: number): Promise<T>;
  saved(): Promise<void>;
  resize(width: number, height: number): Promise<void>;
  leave(): Promise<void>;
};

export async function openBrowser(width = 1280, height = 800, { waitsFor = "ready" }: { waitsFor?: "ready" | "sight" } = {}): Promise<Teacher> {
  const options = new Options();
  options.setPageLoadStrategy(waitsFor === "sight" ? "eager" : "normal");
  options.setChromeBinaryPath("/usr/bin/chromium");
  options.addArguments(...SWITCHES, `--window-size=${width},${height}`);
  const driver = await new Builder().forBrowser("chrome").setChromeOptions(options).setChromeService(new ServiceBuilder("/usr/bin/chromedriver")).build();
  const until = async <T>(what: string, check: () => Promise<T>, timeoutMs = 60_000): Promise<T> => {
    const end = Date.now() + timeoutMs;
    let last: unknown;
    do {
      try {
        const found = await check();
        if (found) return found;
      } catch (error) {
        last = error;
      }
      await driver.sleep(60);
    } while (Date.now() < end);
    throw new Error(`Waited in vain for ${what}${last ? ` (${(last as Error).message.split("\n")[0]})` : ""}`);
  };
  const find = (selector: string, words?: string | RegExp, timeoutMs?: number) =>
    until(
      `${selector} ${words ?? ""}`,
      async () => {
        for (const element of await driver.findElements(By.css(selector))) {
          if (words === undefined) return element;
          const text = `${await element.getText()} ${(await element.getAttribute("aria-label")) ?? ""}`;
          if (typeof words === "string" ? text.includes(words) : words.test(text)) return element;
        }
        return undefined;
      },
      timeoutMs,
    ) as Promise<WebElement>;
  const click = (selector: string, words?: string | RegExp) =>
    until(`a click on ${selector} ${words ?? ""}`, async () => {
      // Looked for anew within the wait: what was found may have been drawn anew.
      const element = await find(selector, words, 5000);
      await driver.executeScript("arguments[0].scrollIntoView({ block: 'center' })", element);
      await element.click();
      return true;
    }).then(() => {});
  return {
    driver,
    until,
    find,
    open: async (address) => {
      await driver.get(address);
      if (waitsFor === "ready") await until("the page to be ready", () => driver.executeScript("return window.earlyTyping === undefined"));
    },
    click,
    take: async (words) => {
      const isInHand = async () => (await driver.findElements(By.css("[data-slip].bg-sheet textarea, [data-slip].bg-sheet .field"))).length > 0;
      await click("[data-slip] button", words);
      const again = async () => (await isInHand()) || click("[data-slip] button", words).then(() => false);
      await until("its fields", isInHand, 5000).catch(() => until(`a slip with ${words} in hand`, again));
    },
    write: async (selector, text) => {
      const field = await find(selector);
      await field.sendKeys(Key.chord(Key.CONTROL, "a"), Key.DELETE, text);
    },
    press: async (...keys) => {
      for (const key of keys) await driver.actions().sendKeys(key).perform();
    },
    texts: async (selector) => Promise.all((await driver.findElements(By.css(selector))).map((element) => element.getText())),
    saved: () => until("everything to be saved", async () => (await (await find("[data-save]")).getAttribute("data-save")) === "saved").then(() => {}),
    resize: async (w, h) => {
      await driver.manage().window().setRect({ width: w, height: h });
    },
    leave: () => driver.quit(),
  };
}

export { By, Key };
