import { mkdtempSync, readFileSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Browser, Builder, By, Key, error, until, type WebDriver, type WebElement } from 'selenium-webdriver';
import { Options, ServiceBuilder, type Driver } from 'selenium-webdriver/chrome';
import { Level, Preferences } from 'selenium-webdriver/lib/logging';
import WebSocket from 'ws';
import { BASE_PATH, CHROMEDRIVER, CHROMIUM, freePort, startServer } from '../../scripts/prepare.mjs';

/** Where a hung page ends, not a measure of speed: a machine that shares its cores can stand still for a while. */
const WAIT_MS = 120_000;
/** Longer than a page or a script may take, which the browser itself ends. */
const ANSWER_MS = WAIT_MS + 30_000;
const POLL_MS = 50;
/** Scripts are compiled whole once instead of piece by piece on each page: a third of the time of opening one. */
const COMPILED_WHOLE = ['--js-flags=--no-lazy'];
/** Pages that stand under one name in the head, the first of them behind it. */
const GROUPS: readonly (readonly string[])[] = [
  ['/needs', '/gears', '/compare', '/find'],
  ['/jobs', '/schedule', '/log', '/parts', '/devices'],
];

/** Fields that the line of wheel, crank and cadence in the setups bar opens. */
const WHEEL_FIELDS = new Set(['wheelset', 'rim', 'tyre', 'rollout', 'crank', 'cadence']);

/** A database of the tests, beside that of the app. */
const FRESH = 'fresh';

const DESK = { width: 1280, height: 800 };

/** Fails, with what it was for, where an answer takes longer than any page does. */
async function withinLimit<T>(answer: Promise<T>, what: string): Promise<T> {
  let timer: NodeJS.Timeout | undefined;
  const limit = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(new Error(`no answer in ${ANSWER_MS / 1000} s: ${what}`)), ANSWER_MS);
  });
  return Promise.race([answer, limit]).finally(() => clearTimeout(timer));
}

/** Makes a browser that has stopped answering fail the test, and each later one at once, instead of holding all up. */
function failWhereSilent(driver: WebDriver): void {
  const executor = driver.getExecutor();
  const execute = executor.execute.bind(executor);
  let silent: Error | undefined;
  executor.execute = async (command) => {
    if (silent) throw silent;
    return withinLimit<unknown>(execute(command), `the browser, asked for ${command.getName()}`).catch(
      (cause: unknown) => {
        if (cause instanceof Error && cause.message.startsWith('no answer in')) silent = cause;
        throw cause;
      },
    );
  };
}

/** The built app in a real browser, with a profile of its own. */
export class AppInBrowser {
  private constructor(
    readonly driver: WebDriver,
    readonly url: string,
    private readonly folder: string,
    private readonly stopServer: () => void,
    /** Whether the browser keeps the app itself, which must then be new each time too. */
    private readonly keepsApp: boolean,
  ) {}

  /** Whether what a browser holds that has just come is set aside in the browser: it need not be worked out again. */
  private hasFresh = false;
  /** Scripts that run before those of each page: what they change, a new browser might hold too. */
  private scripts = 0;

  /**
   * @param before what stands before the app's server; where something does, the browser keeps the app as it keeps
   * it for people. Without, it keeps nothing of it: most tests begin anew each time, and would fetch all of it each time.
   * @param flags of the browser, beside those that it needs
   * @param beside another browser, whose server it uses too
   */
  static async start(
    firstStart: 'demo' | 'empty',
    before?: (port: number) => Promise<{ readonly port: number }>,
    flags: readonly string[] = COMPILED_WHOLE,
    beside?: AppInBrowser,
    host = 'localhost',
  ): Promise<AppInBrowser> {
    // A server that a test takes away is its own; the others share those of the run, where there is a run.
    const shared = beside
      ? new URL(beside.url).port
      : before
        ? undefined
        : process.env[`RONTEL_TEST_PORT_${firstStart}`];
    const port = shared === undefined ? await freePort() : Number(shared);
    const server = shared === undefined ? await startServer(port, firstStart) : undefined;
    const folder = mkdtempSync(join(tmpdir(), 'rontel-browser-'));
    const logs = new Preferences();
    logs.setLevel('browser', Level.ALL);
    const options = new Options();
    options.setChromeBinaryPath(CHROMIUM);
    options.setLoggingPrefs(logs);
    options.addArguments(
      '--headless=new',
      '--no-sandbox',
      '--disable-gpu',
      '--disable-dev-shm-usage',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      '--hide-scrollbars',
      // What is pressed stands still: a click aimed at something that slides can miss it.
      '--force-prefers-reduced-motion',
      `--user-data-dir=${join(folder, 'profile')}`,
      ...flags,
    );
    const driver = await new Builder()
      .forBrowser(Browser.CHROME)
      .setChromeOptions(options)
      .setChromeService(new ServiceBuilder(CHROMEDRIVER))
      .build()
      // Nobody else would end a server whose browser has not started.
      .catch((cause: unknown) => {
        server?.kill();
        throw cause;
      });
    failWhereSilent(driver);
    await driver.manage().setTimeouts({ script: WAIT_MS, pageLoad: WAIT_MS });
    const asked = before ? (await before(port)).port : port;
    const app = new AppInBrowser(driver, `http://${host}:${asked}${BASE_PATH}`, folder, () => server?.kill(), !!before);
    if (!before) await app.addScript(`Object.defineProperty(navigator, 'serviceWorker', { value: undefined })`);
    await app.devTools('Browser.setDownloadBehavior', { behavior: 'allow', downloadPath: folder });
    await app.resize(DESK.width, DESK.height);
    return app;
  }

  /** The app of a file of tests: its browser starts before the first of them and ends after the last. */
  static ofFile(...started: Parameters<typeof AppInBrowser.start>): AppInBrowser {
    const app = Object.create(AppInBrowser.prototype) as AppInBrowser;
    beforeAll(async () => Object.assign(app, await AppInBrowser.start(...started)));
    afterAll(() => app.stop());
    return app;
  }

  /**
   * Another browser on the same server, as another device is.
   * @param host a name that it knows the server by; over plain HTTP a name other than localhost is no secure context
   */
  static beside(app: AppInBrowser, host = 'localhost'): Promise<AppInBrowser> {
    const flags = [...COMPILED_WHOLE, `--host-resolver-rules=MAP ${host} 127.0.0.1`];
    return AppInBrowser.start('empty', undefined, host === 'localhost' ? COMPILED_WHOLE : flags, app, host);
  }

  /** Cuts the network, or puts it back. */
  async cutNetwork(isCut: boolean): Promise<void> {
    await this.devTools('Network.enable', {});
    const speed = { latency: 0, downloadThroughput: -1, uploadThroughput: -1 };
    await this.devTools('Network.emulateNetworkConditions', { offline: isCut, ...speed });
  }

  async stop(): Promise<void> {
    try {
      await this.driver.quit();
    } finally {
      this.stopServer();
      rmSync(this.folder, { recursive: true, force: true });
    }
  }

  async devTools(command: string, parameters: object): Promise<void> {
    await (this.driver as Driver).sendDevToolsCommand(command, parameters);
  }

  /**
   * The exact size of the page, which a window's size is not.
   * @param mobile whether it grows wider where what is on it does, as phones let it; not where its width is measured
   */
  resize(width: number, height: number, mobile = false): Promise<void> {
    return this.devTools('Emulation.setDeviceMetricsOverride', { width, height, deviceScaleFactor: 1, mobile });
  }

  /** Makes it the browser of somebody who writes 37,5. */
  async speakGerman(): Promise<void> {
    const userAgent = await this.driver.executeScript<string>('return navigator.userAgent');
    await this.devTools('Emulation.setUserAgentOverride', { userAgent, acceptLanguage: 'de-DE' });
    await this.devTools('Emulation.setLocaleOverride', { locale: 'de-DE' });
  }

  async open(path: string): Promise<void> {
    await this.driver.get(`${this.url}${path}`);
    await this.find('main:not([aria-busy])');
  }

  /**
   * Goes to a page by its link in the head, a third to a half of the time of opening it; where its group is closed, by that of the
   * group first.
   */
  async follow(path: string): Promise<void> {
    const group = GROUPS.find((pages) => pages.includes(path));
    const linkTo = (page: string) => `header a[href="${BASE_PATH}${page}"]`;
    const link = linkTo(path);
    if (group && (await this.driver.findElements(By.css(link))).length === 0)
      await this.click(linkTo(String(group[0])));
    await this.click(link);
    // What was looked at before stays until the page is there.
    await this.find(`${link}[aria-current=page]`);
    await this.find('main:not([aria-busy])');
  }

  /** Opens a page as a browser does that has never been here. */
  async begin(path: string): Promise<void> {
    const isPlain = !this.keepsApp && this.scripts === 0;
    if (!isPlain || !this.hasFresh || !(await this.putBack())) {
      // Away from the app first, for an open page holds the database.
      await this.driver.get('about:blank');
      await this.devTools('Storage.clearDataForOrigin', { origin: new URL(this.url).origin, storageTypes: 'all' });
      this.hasFresh = false;
    }
    await this.open(path);
    // Opening a page writes nothing of its own.
    if (isPlain && !this.hasFresh) this.hasFresh = await this.copied('rontel', FRESH);
  }

  /** Leaves in the browser what a new one holds and nothing else; false where its database is another by now. */
  private async putBack(): Promise<boolean> {
    // A page of the app's that runs nothing.
    await this.driver.get(`${this.url}/icon.svg`);
    await this.driver.executeAsyncScript(
      `const done = arguments[0]; localStorage.clear(); sessionStorage.clear();
       const copies = indexedDB.deleteDatabase('rontel-copies');
       copies.onsuccess = copies.onerror = copies.onblocked = () => done();`,
    );
    return this.copied(FRESH, 'rontel');
  }

  /** Makes one database hold what another holds and nothing else; false where they are not laid out alike. */
  private copied(from: string, to: string): Promise<boolean> {
    return this.driver.executeAsyncScript<boolean>(
      `const [from, to, fresh, done] = arguments;
       const opened = (name, lay) => new Promise((resolve, reject) => {
         const open = indexedDB.open(name);
         open.onupgradeneeded = () => lay?.(open.result);
         open.onerror = () => reject(open.error);
         open.onsuccess = () => resolve(open.result);
       });
       const ended = (work) => new Promise((resolve, reject) => {
         work.oncomplete = resolve;
         work.onerror = work.onabort = () => reject(work.error);
       });
       (async () => {
         const source = await opened(from);
         const names = [...source.objectStoreNames];
         const target = await opened(to, to === fresh && ((db) => names.forEach((name) => db.createObjectStore(name, { autoIncrement: true }))));
         const isAlike = [...target.objectStoreNames].join() === names.join();
         if (isAlike && names.length > 0) {
           const reading = source.transaction(names);
           const all = names.map((name) => reading.objectStore(name).getAll());
           await ended(reading);
           const writing = target.transaction(names, 'readwrite');
           for (const [i, name] of names.entries()) {
             const store = writing.objectStore(name);
             store.clear();
             for (const record of all[i].result) store.put(record);
           }
           await ended(writing);
         }
         source.close(); target.close();
         return isAlike && names.length > 0;
       })().then(done, () => done(false));`,
      from,
      to,
      FRESH,
    );
  }

  private wait<T>(condition: Parameters<typeof this.driver.wait<T>>[0], what: string): Promise<T> {
    return this.driver.wait<T>(condition, WAIT_MS, what, POLL_MS);
  }

  /** Waits until something is so, on this device or another. */
  async until(condition: () => Promise<boolean>, what: string): Promise<void> {
    await this.wait(condition, what);
  }

  find(css: string): Promise<WebElement> {
    return this.wait(until.elementLocated(By.css(css)), css);
  }

  /** The text of an element, once it is there. */
  async text(css: string): Promise<string> {
    await this.find(css);
    return (await this.seenText(css)) ?? '';
  }

  /**
   * The text of the first such element as it is seen, a line for each of its lines. As the browser itself lays it out:
   * the driver would ask for the style of each element in it, half a second on a full page.
   */
  private async seenText(css: string): Promise<string | undefined> {
    const text = await this.driver.executeScript<string | null>(
      `const one = document.querySelector(arguments[0]);
       return one && (one.checkVisibility({ visibilityProperty: true }) ? one.innerText ?? one.textContent : '');`,
      css,
    );
    const lines = text?.split('\n').map((line) => line.replaceAll(/\s+/g, ' ').trim());
    return lines?.filter((line) => line !== '').join('\n');
  }

  /** Waits until what is on screen says so; what it said last is in the failure. */
  async shows(css: string, expected: string | RegExp): Promise<void> {
    let last = '';
    const matches = async () => {
      last = (await this.seenText(css)) ?? '(not there)';
      return typeof expected === 'string' ? last.includes(expected) : expected.test(last);
    };
    await this.wait(matches, css).catch(() => {
      throw new Error(`${css} shows ${JSON.stringify(last)}, not ${String(expected)}`);
    });
  }

  /** Waits until a field holds a text; what it held last is in the failure. */
  async holds(id: string, expected: string | RegExp): Promise<void> {
    let last = '';
    const matches = async () => {
      last = await this.value(id).catch(() => '(redrawn)');
      return typeof expected === 'string' ? last === expected : expected.test(last);
    };
    await this.wait(matches, id).catch(() => {
      throw new Error(`${id} holds ${JSON.stringify(last)}, not ${String(expected)}`);
    });
  }

  async gone(css: string): Promise<void> {
    await this.wait(async () => (await this.driver.findElements(By.css(css))).length === 0, `${css} is still there`);
  }

  /** A field; where it is one of the setups bar that is folded away, it is opened first. */
  async reach(id: string): Promise<WebElement> {
    const openers = WHEEL_FIELDS.has(id)
      ? ['[data-bar=setups]', '[data-bar=wheels]']
      : /^setup(-[a-d])?$/.test(id)
        ? ['[data-bar=setups]']
        : [];
    for (const opener of openers) {
      await this.find(`#${id}, ${opener}`);
      const isThere = async (css: string) => {
        const [element] = await this.driver.findElements(By.css(css));
        return element !== undefined && (await element.isDisplayed().catch(() => false));
      };
      if (!(await isThere(`#${id}`)) && (await isThere(`${opener}[aria-expanded=false]`))) await this.click(opener);
    }
    return this.find(`#${id}`);
  }

  /** Types over what a field holds. */
  async type(id: string, text: string): Promise<void> {
    const field = await this.reach(id);
    await field.sendKeys(Key.chord(Key.CONTROL, 'a'), Key.BACK_SPACE, text);
  }

  value(id: string): Promise<string> {
    return this.reach(id).then((field) => field.getAttribute('value')) as Promise<string>;
  }

  async leaveField(): Promise<void> {
    await this.driver.executeScript('document.activeElement.blur()');
  }

  /** Keys for the page, wherever the focus is; a chord is held together. */
  async press(...keys: string[]): Promise<void> {
    for (const key of keys) {
      const chord = key.endsWith(Key.NULL) ? [...key.slice(0, -Key.NULL.length)] : [];
      const [last, ...held] = chord.reverse();
      const actions = this.driver.actions();
      if (last === undefined) await actions.sendKeys(key).perform();
      else {
        for (const modifier of held) actions.keyDown(modifier);
        actions.sendKeys(last);
        for (const modifier of held) actions.keyUp(modifier);
        await actions.perform();
      }
    }
  }

  async click(css: string): Promise<void> {
    // A redraw can take the element away between finding and pressing it.
    await this.wait(async () => this.pressed(await this.find(css)), css);
  }

  /** Presses an element; false where a redraw has taken it away, or what is fixed to the window covers it still. */
  private async pressed(element: WebElement): Promise<boolean> {
    try {
      await element.click();
      return true;
    } catch (cause) {
      if (cause instanceof error.StaleElementReferenceError) return false;
      if (!(cause instanceof error.ElementClickInterceptedError)) throw cause;
      // As a person does: scroll until it stands free.
      await this.driver.executeScript(`arguments[0].scrollIntoView({ block: 'center' })`, element);
      return false;
    }
  }

  /** Picks an entry of a select field. */
  async choose(id: string, text: string): Promise<void> {
    await this.reach(id);
    await this.click(`.ant-select:has(#${id})`);
    // Lists that were open before are still there: the one of this field is named after it.
    const own = `div[contains(@class,'ant-select-dropdown') and .//*[@id='${id}_list']]`;
    await this.standsStill(By.xpath(`//${own}`));
    await this.clickText(`${own}//div[contains(@class,'ant-select-item-option')]`, text);
  }

  /** Waits until an element is drawn at the same place in two frames: a list that is being placed moves under the pointer. */
  private async standsStill(where: By): Promise<void> {
    const isStill = async () => {
      const [element] = await this.driver.findElements(where);
      if (!element) return false;
      return this.driver.executeAsyncScript<boolean>(
        `const [element, answer] = arguments;
        const place = () => JSON.stringify(element.getBoundingClientRect());
        const before = place();
        requestAnimationFrame(() => requestAnimationFrame(() => answer(element.isConnected && place() === before)));`,
        element,
      );
    };
    await this.wait(isStill, String(where));
  }

  async clickText(tag: string, text: string): Promise<void> {
    const where = By.xpath(`//${tag}[contains(normalize-space(.),'${text}')]`);
    const pressed = async () => {
      const [element] = await this.driver.findElements(where);
      if (!element || !(await element.isDisplayed().catch(() => false))) return false;
      return this.pressed(element);
    };
    await this.wait(pressed, text);
  }

  /** The text of the one file that has been saved, once it is whole; takes it away. */
  async download(extension: string): Promise<string> {
    const named = (ending: string) => readdirSync(this.folder).filter((name) => name.endsWith(ending));
    const pathOf = (name: string) => join(this.folder, name);
    const isWhole = () => {
      const [name, ...more] = named(extension);
      const isOne = name !== undefined && more.length === 0 && named('.crdownload').length === 0;
      return isOne && statSync(pathOf(name)).size > 0;
    };
    await this.wait(isWhole, `no ${extension} was saved`);
    const path = pathOf(named(extension)[0]!);
    const text = readFileSync(path, 'utf8');
    rmSync(path);
    return text;
  }

  /** Runs a script in every page before its own, until what this answers with is called. */
  async onEveryPage(source: string): Promise<() => Promise<void>> {
    const remove = await this.addScript(source);
    this.scripts += 1;
    return async () => {
      this.scripts -= 1;
      await remove();
    };
  }

  private async addScript(source: string): Promise<() => Promise<void>> {
    const { identifier } = (await (this.driver as Driver).sendAndGetDevToolsCommand(
      'Page.addScriptToEvaluateOnNewDocument',
      { source },
    )) as unknown as { identifier: string };
    return () => this.devTools('Page.removeScriptToEvaluateOnNewDocument', { identifier });
  }

  /** Makes every page that is opened from now on believe that it is `epochMs`. */
  stopClock(epochMs: number): Promise<() => Promise<void>> {
    return this.onEveryPage(`{ const Real = Date;
        globalThis.Date = class extends Real {
          constructor(...parts) { super(...(parts.length > 0 ? parts : [${epochMs}])); }
          static now() { return ${epochMs}; }
        }; }`);
  }

  /** Waits until fonts are there, nothing loads and the page has stopped changing; hides what blinks. */
  async settled(): Promise<void> {
    await this.driver.executeAsyncScript(`
      const done = arguments[arguments.length - 1];
      const still = document.createElement('style');
      still.textContent = '* { caret-color: transparent !important; transition: none !important; animation: none !important }';
      document.head.append(still);
      document.fonts.ready.then(() => {
        let timer = setTimeout(done, 400);
        new MutationObserver(() => { clearTimeout(timer); timer = setTimeout(done, 400); })
          .observe(document.documentElement, { subtree: true, childList: true, attributes: true, characterData: true });
      });`);
  }

  /** Opens and closes the working of every figure that `css` finds; the title and the number of lines of each. */
  workings(css: string): Promise<readonly { readonly title: string; readonly lines: number }[]> {
    return this.driver.executeAsyncScript(
      `const [css, done] = arguments;
       const slip = () => document.querySelector('[data-testid=slip]');
       const frameUntil = async (isSo) => { while (!isSo()) await new Promise(requestAnimationFrame); };
       (async () => {
         const found = [];
         for (const figure of document.querySelectorAll(css)) {
           figure.click();
           await frameUntil(slip);
           found.push({ title: slip().querySelector('h2').innerText, lines: slip().querySelectorAll('li').length });
           figure.click();
           await frameUntil(() => !slip());
         }
         done(found);
       })();`,
      css,
    );
  }

  /** Brings an element to the top of the window. */
  async scrollTo(css: string): Promise<void> {
    await this.driver.executeScript('arguments[0].scrollIntoView()', await this.find(css));
  }

  /**
   * Ends a tab that is not the one looked at, with its process and without telling it. Over a line of its own to the
   * browser: the driver waits for an answer to each command, and whoever would give this one is gone.
   */
  async killTab(handle: string): Promise<void> {
    const capabilities = await this.driver.getCapabilities();
    const { debuggerAddress } = capabilities.get('goog:chromeOptions') as { debuggerAddress: string };
    const line = new WebSocket(`ws://${debuggerAddress}/devtools/page/${handle}`);
    const crashed = new Promise<void>((resolve, reject) => {
      line.on('error', reject);
      line.on('message', (said: Buffer) => said.includes('Inspector.targetCrashed') && resolve());
    });
    line.on('open', () => {
      for (const [id, method] of ['Inspector.enable', 'Page.crash'].entries())
        line.send(JSON.stringify({ id, method }));
    });
    await withinLimit(crashed, 'the tab does not end');
    line.terminate();
    await fetch(`http://${debuggerAddress}/json/close/${handle}`);
    await this.wait(
      async () => !(await this.driver.getAllWindowHandles()).includes(handle),
      'the tab that was killed is still there',
    );
  }

  /** What is on screen, as a PNG. */
  async picture(): Promise<Buffer> {
    return Buffer.from(await this.driver.takeScreenshot(), 'base64');
  }

  /** A square picture of so many pixels a side, drawn by the browser, in base64. */
  drawn(side: number, type: 'image/png' | 'image/jpeg' = 'image/png'): Promise<string> {
    return this.driver.executeAsyncScript<string>(
      `const [side, type, done] = arguments; const canvas = document.createElement('canvas');
       canvas.width = canvas.height = side; const pen = canvas.getContext('2d');
       for (let i = 0; i < 400; i += 1) { pen.fillStyle = 'hsl(' + i * 7 + ' 80% 50%)'; pen.fillRect(i * 9 % side, i * 31 % side, 300, 300); }
       done(canvas.toDataURL(type).split(',')[1]);`,
      side,
      type,
    );
  }

  /** The page on paper of size A4, as the text of its file. */
  async pdf(): Promise<string> {
    const { data } = (await (this.driver as Driver).sendAndGetDevToolsCommand('Page.printToPDF', {
      preferCSSPageSize: true,
      generateTaggedPDF: true,
      paperWidth: 8.27,
      paperHeight: 11.69,
    })) as unknown as { data: string };
    return Buffer.from(data, 'base64').toString('latin1');
  }

  /** How many pages the page would take on it. */
  async pdfPages(): Promise<number> {
    return (await this.pdf()).match(/\/Type\s*\/Page\b/g)!.length;
  }

  /** What the page complained of since last asked. */
  async complaints(): Promise<string[]> {
    const entries = await this.driver.manage().logs().get('browser');
    const severe = entries.filter(({ level }) => level.value >= Level.SEVERE.value).map(({ message }) => message);
    // A browser asks the top of the host for an icon, which below a path is not the app's.
    return BASE_PATH === '' ? severe : severe.filter((message) => !message.includes('/favicon.ico - '));
  }

  /** Hands files to a page's hidden picker as its dialogue would. */
  async give(css: string, files: Readonly<Record<string, string | Uint8Array>>): Promise<void> {
    const given = mkdtempSync(join(this.folder, 'given-'));
    const paths = Object.entries(files).map(([name, content]) => {
      const path = join(given, name);
      writeFileSync(path, content);
      return path;
    });
    await (await this.find(css)).sendKeys(paths.join('\n'));
  }

  /** All that is kept, by table, as it is in the browser's database now. */
  async stored<T = Record<string, readonly unknown[]>>(): Promise<T> {
    return JSON.parse(await this.storedText()) as T;
  }

  /** As text, for the driver would put the fields of its answer in another order; bytes are `{ base64 }`. */
  private storedText(): Promise<string> {
    return this.driver.executeAsyncScript<string>(
      `const done = arguments[0]; const open = indexedDB.open('rontel');
       open.onsuccess = () => { const db = open.result; const names = [...db.objectStoreNames];
         const all = db.transaction(names); const rows = names.map((name) => all.objectStore(name).getAll());
         all.oncomplete = () => { db.close(); done(JSON.stringify(Object.fromEntries(names.map((name, i) => [name, rows[i].result])),
           (_, value) => value instanceof Uint8Array ? { base64: btoa(Array.from(value, (byte) => String.fromCharCode(byte)).join('')) } : value)); }; };`,
    );
  }

  /**
   * What can be pressed and is smaller than `minPx` either way, such as `button 20×18 Close`. Links in a line of text are as
   * high as the line (WCAG 2.2, 2.5.8, inline), and what stands in a drawing to scale where it stands: each drawing has its
   * table (the same, equivalent).
   */
  smallTargets(minPx: number): Promise<string[]> {
    return this.driver.executeScript<string[]>(
      `const [min] = arguments;
       const pressed = 'a[href], button, input:not([type=hidden]), summary, [role=button], [role=tab], [role=menuitem], [role=slider], [tabindex="0"]';
       const whole = 'label, .ant-select, .ant-picker, .ant-input-affix-wrapper, .ant-input-number';
       return [...document.querySelectorAll(pressed)].flatMap((one) => {
         const isInline = one.tagName === 'A' && getComputedStyle(one).display === 'inline';
         let block = one.parentElement;
         while (getComputedStyle(block).display === 'inline') block = block.parentElement;
         const inText = isInline && block.innerText.trim() !== one.innerText.trim();
         if (inText || one.closest('svg') || one.matches(':disabled') || !one.checkVisibility({ visibilityProperty: true })) return [];
         const boxes = [one, one.closest('label'), one.closest(whole)].flatMap((box) => box ? [box.getBoundingClientRect()] : []);
         const width = Math.max(...boxes.map((box) => box.width)), height = Math.max(...boxes.map((box) => box.height));
         // Seen by no one, as a skip link is until it has the focus.
         if (width <= 1 || height <= 1 || (width >= min - 0.5 && height >= min - 0.5)) return [];
         const name = (one.innerText || one.getAttribute('aria-label') || one.id).slice(0, 40);
         return [one.tagName.toLowerCase() + ' ' + Math.round(width) + '×' + Math.round(height) + ' ' + name];
       });`,
      minPx,
    );
  }

  /**
   * Accessibility faults of the page as it is.
   * @param rules those that alone are looked at; all where there are none
   * @param within what alone is looked at, with what rules say of a whole page left out
   */
  async faults(rules: readonly string[] = [], within = 'html'): Promise<string[]> {
    if (await this.driver.executeScript<boolean>('return !window.axe'))
      await this.driver.executeScript(readFileSync(require.resolve('axe-core/axe.min.js'), 'utf8'));
    return this.driver.executeAsyncScript<string[]>(
      `const [rules, within, done] = arguments;
       axe.run(within, { resultTypes: ['violations'], rules: { 'target-size': { enabled: true } }, ...(rules.length > 0 && { runOnly: rules }) }).then(({ violations }) =>
         done(violations.map(({ id, nodes }) => id + ': ' + nodes.map(({ html }) => html.slice(0, 160)).join(' | '))));`,
      rules,
      within,
    );
  }

  /** Waits until nothing of the page stands beyond its side: charts follow their place a moment later. */
  async fits(): Promise<void> {
    let seen = '';
    const fits = async () => {
      const [address, asked, there] = await this.driver.executeScript<[string, number, number]>(
        'return [location.pathname, document.documentElement.scrollWidth, window.innerWidth]',
      );
      seen = `${address} is ${asked} px wide in a window of ${there}`;
      return asked <= there;
    };
    await this.wait(fits, 'the page scrolls sideways').catch(() => {
      throw new Error(seen);
    });
  }
}
