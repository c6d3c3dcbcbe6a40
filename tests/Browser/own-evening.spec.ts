import { type Browser, expect, type Page, test } from '@playwright/test'
import { EmptyServer } from './emptyServer'
import { complaints, expectNoSeriousFault, handIn, openBox, Taps } from './support'

const INSTRUCTOR = { name: 'Solveig Aune', password: 'cold-chisel-7' }

/** What is done at a bench, by what is read there: an end by its colour and where its cable runs, a landing by its number. */
interface Own {
  pattern: string
  person: [first: string, last: string, number: string]
  connector: string
  lands: [box: string, colour: string, to: string, landing: number | 'box'][]
  gathers: [box: string, screws: (number | 'box')[], ends: [colour: string, to: string][]][]
  marks: string | null
}

const OWN: Record<'na' | 'gb', Own> = {
  na: {
    pattern: 'na-01-single-at-the-switch',
    person: ['Odd', 'Berg', '70412'],
    connector: 'wire-nut-',
    lands: [
      ['Feed', 'black', 'Door', 1],
      ['Feed', 'white', 'Door', 2],
      ['Feed', 'bare ground', 'Door', 3],
      ['Door', 'black', 'Feed', 1],
      ['Door', 'black', 'Light', 2],
      ['Light', 'white', 'Door', 1],
      ['Light', 'black', 'Door', 2],
      ['Light', 'bare ground', 'Door', 'box'],
    ],
    gathers: [
      [
        'Door',
        [],
        [
          ['white', 'Feed'],
          ['white', 'Light'],
        ],
      ],
      [
        'Door',
        [3, 'box'],
        [
          ['bare ground', 'Feed'],
          ['bare ground', 'Light'],
        ],
      ],
    ],
    marks: null,
  },
  gb: {
    pattern: 'gb-01-loop-at-the-switch',
    person: ['Una', 'Holt', 'UL-0088'],
    connector: 'lever-2',
    lands: [
      ['Feed', 'brown', 'Door', 1],
      ['Feed', 'blue', 'Door', 2],
      ['Feed', 'bare CPC', 'Door', 3],
      ['Door', 'brown', 'Feed', 1],
      ['Door', 'brown', 'Light', 2],
      ['Door', 'bare CPC', 'Feed', 3],
      ['Door', 'bare CPC', 'Light', 3],
      ['Light', 'brown', 'Door', 1],
      ['Light', 'blue', 'Door', 2],
      ['Light', 'bare CPC', 'Door', 3],
    ],
    gathers: [
      [
        'Door',
        [],
        [
          ['blue', 'Feed'],
          ['blue', 'Light'],
        ],
      ],
    ],
    marks: 'bare CPC',
  },
}

let server: EmptyServer
test.beforeAll(async () => {
  server = await EmptyServer.start(INSTRUCTOR)
})
test.afterAll(() => server.stop())

async function comeIn(browser: Browser, name: string, secret: string, width = 1280, height = 800) {
  const page = await (await browser.newContext({ baseURL: server.url, viewport: { width, height } })).newPage()
  await page.goto('/sign-in')
  await page.getByLabel('Name').fill(name)
  await page.getByLabel('Code or password').fill(secret)
  await page.getByRole('button', { name: 'Sign in' }).click()
  await page.waitForURL((url) => !url.pathname.includes('sign-in'))
  return page
}

/** Boxes and places as a trainee finds them: their ids are thrown anew for every seat of an exam. */
class Seat {
  private readonly boxes = new Map<string, string>()

  constructor(private readonly page: Page) {}

  async open(label: string) {
    if (this.boxes.size === 0)
      for (const id of await this.page
        .locator('[data-map-box]')
        .evaluateAll((all) => all.map((one) => one.getAttribute('data-map-box')!))) {
        await openBox(this.page, id)
        const name = await this.page.getByRole('group', { name: /^Open box/ }).getAttribute('aria-label')
        this.boxes.set(name!.replace('Open box ', ''), id)
      }
    await openBox(this.page, this.boxes.get(label)!)
  }

  async end(colour: string, to: string): Promise<string> {
    const found = this.page.getByRole('checkbox', { name: new RegExp(`^the ${colour} in W\\d+ \\(to ${to}\\)`) })
    return (await found.getAttribute('data-place'))!
  }

  async landing(which: number | 'box'): Promise<string> {
    const name = which === 'box' ? /screw of the box/ : new RegExp(` ${which} of D`)
    return (await this.page
      .locator('[role=button][data-place]')
      .and(this.page.getByLabel(name))
      .getAttribute('data-place'))!
  }
}

async function wire(page: Page, own: Own) {
  const [seat, taps] = [new Seat(page), new Taps(page)]
  for (const [box, screws, ends] of own.gathers) {
    await seat.open(box)
    const held = [...screws.map((one) => seat.landing(one)), ...ends.map(([colour, to]) => seat.end(colour, to))]
    await taps.gather(await Promise.all(held), own.connector)
  }
  for (const [box, colour, to, landing] of own.lands) {
    await seat.open(box)
    const end = await seat.end(colour, to)
    if (colour === own.marks) {
      await page.locator(`[role=checkbox][data-place="${end}"]`).click()
      await page
        .getByRole('toolbar', { name: /^Tray/ })
        .getByRole('button', { name: /earth|CPC|green/i })
        .click()
    }
    await taps.land(end, await seat.landing(landing))
  }
}

for (const practice of ['na', 'gb'] as const) {
  test(`from an empty installation to a released mark, by hand (${practice})`, async ({ browser }) => {
    const own = OWN[practice]
    const [first, last, number] = own.person
    const title = `Own exam ${practice}`
    const page = await comeIn(browser, INSTRUCTOR.name, INSTRUCTOR.password)
    const heard = complaints(page)

    // A class, pasted with its numbers under a heading of its own.
    await page.goto('/people')
    await page.locator('[data-test=new-class]').fill(`Own class ${practice}`)
    await page.getByRole('button', { name: 'Make the class' }).click()
    await page.locator('[data-test=roster]').fill(`Student ID\tSurname\tFirst name\n${number}\t${last}\t${first}`)
    await page.getByRole('button', { name: 'Check the list' }).click()
    await expect(page.locator('[data-test=roster-rows]')).toContainText(number)
    await page.getByRole('button', { name: 'Add 1 person' }).click()
    const code = (await page.locator('[data-test=code]').first().textContent())!.trim()
    await page.getByRole('button', { name: 'Done' }).click()

    // A board of one's own, and a task on it.
    await page.goto('/boards?new=yes')
    await page.locator(`[data-pattern="${own.pattern}"]`).click()
    await page.waitForURL(/\/draw\/\d+$/)
    await expect(page.locator('[data-test=sentence]')).toContainText('Correct')
    await page.goto(page.url().replace('draw', 'task'))
    await page.locator('[data-test=title]').fill(title)
    await expect(page.locator('[data-test=spread]')).toBeVisible()
    await page.locator('[data-test=set]').click()
    await page.waitForURL(/tonight/)

    // Sat by the slip's name and code, wired by what is read at the bench.
    const seat = await comeIn(browser, `${first} ${last}`, code, 1024, 768)
    await seat.getByRole('listitem').filter({ hasText: title }).getByRole('link', { name: 'Open the board' }).click()
    await expect(seat.locator('[data-test=cover]')).toContainText('conductors to connect')
    await seat.getByRole('button', { name: 'Begin', exact: true }).click()
    await expect(seat.getByRole('group', { name: /^Open box/ })).toBeVisible()
    await wire(seat, own)
    const attempt = new URL(seat.url()).pathname.split('/').pop()
    await handIn(seat)
    await expect(seat.locator('[data-test=handed-in]')).toContainText('Your instructor has')
    await expect(seat.locator('body')).not.toContainText(/passed|of 100|of 85/)

    // Marked, seen and released.
    await page.goto('/tonight')
    await page.getByRole('button', { name: new RegExp(title) }).click()
    await page.getByRole('main').getByRole('link', { name: 'Marks' }).click()
    await page.locator(`[data-attempt="${attempt}"]`).click()
    await expect(page.locator('[data-test=mark]')).toContainText('85 of 85')
    await page.getByRole('button', { name: 'Release the marks' }).click()
    await page.getByRole('button', { name: 'Release them' }).click()
    await expect(page.locator('[data-test=released]')).toBeVisible()
    await page.goto('/mark-table')
    await expectNoSeriousFault(page)

    await seat.goto('/my-boards')
    await expect(seat.getByRole('listitem').filter({ hasText: title })).toContainText('85 of 85')
    await seat.goto(`/verdict/${attempt}`)
    await seat.getByRole('tab', { name: 'Mark' }).click()
    await expect(seat.locator('[data-test=mark]')).toContainText('85 of 85')
    expect(heard).toEqual([])
  })
}
