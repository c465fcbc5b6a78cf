import { spawn } from 'node:child_process'
import type { APIRequestContext, Page } from '@playwright/test'
import type { BancoServer } from '../../demo/banco-server'
import {
  askedInVain,
  axeFindings,
  bayOf,
  expect,
  golferWithBag,
  moveByKey,
  openSession,
  runMonitor,
  test,
} from './banco'

/** What the twelve stations of the smooth bag carry here, shortest first, yards. */
const CARRIES = [68, 82, 95, 104, 116, 127, 138, 149, 160, 172, 184, 203]

type Plan = { blocks: { clubId: string; swing: string; shots: number; day: number }[] }

/** A session with a plan, started as the page before it would. */
async function planned(
  request: APIRequestContext,
  banco: BancoServer,
  golfer: string,
  shots: (place: number) => number,
) {
  const first = await openSession(request, banco, golfer)
  const { bag } = await bayOf(request, banco, first)
  await request.patch(`${banco.address}/api/sessions/${first}`, { data: { ended: true } })
  const clubs = bag.clubs.filter(({ kind }) => kind !== 'putter').reverse()
  const plan: Plan = {
    blocks: clubs.map(({ id }, i) => ({ clubId: id, swing: 'full', shots: shots(i), day: 1 })),
  }
  const started = await request.post(`${banco.address}/api/golfers/${golfer}/sessions`, {
    data: {
      place: 'indoor',
      offsetMin: 0,
      rangeClear: true,
      plan: { ...plan, untilSettled: false, restEvery: 0, restS: 85 },
    },
  })
  expect(started.status()).toBe(201)
  return { session: ((await started.json()) as { id: string }).id, clubs }
}

const carriesYd = async (request: APIRequestContext, banco: BancoServer, session: string) =>
  (await bayOf(request, banco, session)).shots.map(({ carryM }) => Math.round(carryM! / 0.9144))

test('twelve stations typed with the keyboard alone: four keys a carry, one a mark, one the next club', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Gerens Tolver')
  const { session, clubs } = await planned(request, banco, golfer, () => 3)
  expect(clubs).toHaveLength(12)
  let keys = 0
  const press = async (key: string) => {
    keys++
    await page.keyboard.press(key)
  }
  const type = async (carry: number) => {
    for (const digit of String(carry)) await press(digit)
    await press('Enter')
  }
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  await expect(page.getByText('Receiving', { exact: true })).toBeVisible()
  for (const [i, club] of clubs.entries()) {
    await expect(page.getByRole('heading', { name: `${club.name}, full swing` })).toBeVisible()
    for (const off of [0, 2, -1]) await type(CARRIES[i]! + off)
    const hit = i < 11 ? `${3 * (i + 1)} of 36 shots hit` : 'The plan is hit: all 36 shots.'
    await expect(page.getByTestId('plan')).toContainText(hit)
    await press('o')
    await expect(page.getByRole('button', { name: 'Off centre O' })).toHaveAttribute('aria-pressed', 'true')
    if (i < 11) await press('n')
  }
  const typed = CARRIES.flatMap((carry) => [carry, carry + 2, carry - 1])
  await expect.poll(() => carriesYd(request, banco, session), { timeout: 30_000 }).toEqual(typed)
  expect(
    (await bayOf(request, banco, session)).shots.filter(({ mark }) => mark === 'off-centre'),
  ).toHaveLength(12)
  await expect(page.getByTestId('plan')).toHaveText('The plan is hit: all 36 shots.')
  const digits = typed.join('').length
  expect(keys).toBe(digits + typed.length + 12 + 11)
  expect(String(Math.max(...typed)).length + 1).toBe(4)
})

test.describe('by touch at 390x844', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })

  test('twelve stations by touch alone: no more taps than keys, and nothing to scroll for', async ({
    page,
    request,
    banco,
  }) => {
    const golfer = await golferWithBag(request, banco, 'Kensa Rosewarne')
    const { session, clubs } = await planned(request, banco, golfer, () => 2)
    await page.goto(`${banco.address}/golfers/${golfer}/bay`)
    const pad = page.getByRole('group', { name: 'Keys for a carry' })
    let taps = 0
    const tap = async (name: string | RegExp, within = pad) => {
      taps++
      const target = within.getByRole('button', { name, exact: typeof name === 'string' })
      await expect(target).toBeInViewport({ ratio: 1 })
      await target.tap()
    }
    const stock = page.getByTestId('running-stock')
    for (const [i, club] of clubs.entries()) {
      await expect(stock).toContainText(`${club.name}: `)
      for (const carry of [CARRIES[i]!, CARRIES[i]! + 1]) {
        for (const digit of String(carry)) await tap(digit)
        await tap('Add')
      }
      const hit = i < 11 ? `${2 * (i + 1)} of 24 shots hit` : 'The plan is hit: all 24 shots.'
      await expect(page.getByTestId('plan')).toContainText(hit)
      const marks = page.getByRole('group', { name: 'Mark' })
      await tap('Thin', marks)
      await expect(marks.getByRole('button', { name: 'Thin', exact: true })).toHaveAttribute(
        'aria-pressed',
        'true',
      )
      if (i < 11) await tap(/^Next: /, page.locator('.pick-station'))
    }
    const typed = CARRIES.flatMap((carry) => [carry, carry + 1])
    expect(await carriesYd(request, banco, session)).toEqual(typed)
    expect(taps).toBe(typed.join('').length + typed.length + 12 + 11)
    expect(await axeFindings(page)).toEqual([])
  })
})

test('a server that is gone in the middle, longer than the page waits between its tries, costs nothing', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Jenifer Trewin')
  const { session } = await planned(request, banco, golfer, () => 6)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  await expect(page.getByText('Receiving', { exact: true })).toBeVisible()
  await page.keyboard.type('68\n67\n')
  await expect(page.getByTestId('running-stock')).toContainText('from 2 solid of 2')
  await banco.stop()
  await expect(page.getByText('not connected')).toBeVisible()
  await page.keyboard.type('69\n66\n')
  await page.keyboard.press('n')
  await page.keyboard.type('82\n')
  await expect(page.getByText('3 shots wait in this browser')).toBeVisible()
  expect(await axeFindings(page)).toEqual([])
  await askedInVain(page, 3)
  await banco.start()
  await expect(page.getByText('in this browser')).toHaveCount(0, { timeout: 15_000 })
  await page.keyboard.type('83\n')
  await expect.poll(() => carriesYd(request, banco, session)).toEqual([68, 67, 69, 66, 82, 83])
})

test('closed at shot 33 of 61, it opens at 34', async ({ page, request, banco }) => {
  const golfer = await golferWithBag(request, banco, 'Cador Penhale')
  const { session, clubs } = await planned(request, banco, golfer, (place) => (place === 0 ? 6 : 5))
  for (let i = 0; i < 32; i++) {
    const place = Math.floor(Math.max(0, i - 1) / 5)
    const shot = {
      id: `shot-${i}`,
      clubId: clubs[place]!.id,
      swing: 'full',
      carryM: (CARRIES[place]! + (i % 3)) * 0.9144,
      hitMs: Date.now(),
    }
    const url = `${banco.address}/api/sessions/${session}/shots`
    expect((await request.post(url, { data: { shots: [shot] } })).status()).toBe(200)
  }
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  const plan = page.getByTestId('plan')
  await expect(plan).toContainText(`1 of 5 with the ${clubs[6]!.name}`)
  await page.keyboard.press('n')
  await expect(page.getByRole('heading', { name: `${clubs[6]!.name}, full swing` })).toBeVisible()
  await page.keyboard.type('138\n')
  await expect(plan).toContainText('33 of 61 shots hit')
  await page.reload()
  await expect(page.getByRole('heading', { name: `${clubs[6]!.name}, full swing` })).toBeVisible()
  await expect(plan).toContainText('33 of 61 shots hit')
  await page.keyboard.type('139\n')
  await expect(page.getByRole('region', { name: 'Shot 34' })).toContainText('139.0')
})

test('ten steps of every kind are undone one by one after a restart', async ({ page, request, banco }) => {
  const golfer = await golferWithBag(request, banco, 'Meliora Keast')
  const session = await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  await page.getByRole('button', { name: /^8-iron/ }).click()
  await page.keyboard.type('126e')
  await expect(page.getByText('expected 126')).toBeVisible()
  await page.keyboard.type('129\n131\n')
  await page.getByRole('button', { name: 'Warm-up U' }).click()
  await expect(page.getByText('Warm-up: 0 shots, in no stock')).toBeVisible()
  await page.keyboard.type('118\n')
  await expect(page.getByText('Warm-up: 1 shot, mean 118.0 yd, in no stock')).toBeVisible()
  await page.keyboard.press('u')
  await expect(page.getByTestId('running-stock')).toContainText('from 2 solid of 2')
  await page.keyboard.press('g')
  await expect(page.getByRole('button', { name: 'Wind dropped' })).toBeVisible()
  await page.keyboard.type('119 120\n')
  await expect(page.getByTestId('running-stock')).toContainText('from 2 solid of 2')
  await page.keyboard.press('f')
  await expect(page.getByRole('button', { name: 'Fat F' })).toHaveAttribute('aria-pressed', 'true')
  await page.keyboard.press('c')
  await page.getByLabel('Which club was it?').selectOption({ label: '7-iron' })
  await page.getByRole('button', { name: 'Move this shot' }).click()
  await expect(page.locator('[data-shot]')).toHaveCount(4)
  const done = await bayOf(request, banco, session)
  expect(done.shots.map(({ conditions }) => conditions.wind ?? conditions.warmUp)).toEqual([
    false,
    false,
    true,
    'felt',
    'felt',
  ])

  await banco.stop()
  await banco.start()
  await page.reload()
  await expect(page.getByText('Receiving', { exact: true })).toBeVisible()
  const seen = async () => {
    const { shots, now, expectations } = await bayOf(request, banco, session)
    return [shots.length, shots.filter(({ mark }) => mark).length, now.wind, now.warmUp, expectations.length]
  }
  const steps: unknown[] = [
    [5, 1, 'felt', false, 1], // the move
    [5, 1, 'felt', false, 1], // other club, back to fat
    [5, 0, 'felt', false, 1],
    [3, 0, 'felt', false, 1], // two carries typed together
    [3, 0, null, false, 1],
    [3, 0, null, true, 1],
    [2, 0, null, true, 1],
    [2, 0, null, false, 1],
    [1, 0, null, false, 1],
    [0, 0, null, false, 1],
    [0, 0, null, false, 0],
  ]
  for (const after of steps) {
    await page.keyboard.press('z')
    await expect.poll(seen).toEqual(after)
  }
  await page.keyboard.press('z')
  await expect(page.getByText('There is nothing left to undo')).toBeVisible()
})

test('a monitor that sends sixty shots, ten a second: each once, in order', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Lamorna Skewes')
  const session = await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  await page.getByRole('button', { name: /^7-iron/ }).click()
  await expect(page.getByRole('heading', { name: '7-iron, full swing' })).toBeVisible()
  const said = await runMonitor(banco, '--club', '7i', '--shots', '60', '--every', '100', '--seed', '11')
  expect(said.match(/ 201 /g)).toHaveLength(60)
  await expect(page.locator('[data-shot]')).toHaveCount(60)
  const listed = await page
    .locator('[data-shot]')
    .evaluateAll((rows) => rows.map((row) => row.getAttribute('data-shot')))
  const { shots } = await bayOf(request, banco, session)
  expect(listed).toEqual(shots.map(({ id }) => id as string).reverse())
})

test('the first ball and the first after a pause wait for the word that the range is clear', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Tegen Carlyon')
  const started = await request.post(`${banco.address}/api/golfers/${golfer}/sessions`, {
    data: { place: 'range', offsetMin: 0 },
  })
  const { id: session } = (await started.json()) as { id: string }
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  const asked = page.getByRole('region', { name: 'Is the range clear?' })
  await expect(asked).toContainText('Before the first ball: is anybody in front of you?')
  await page.keyboard.type('66\n')
  await expect(asked).toContainText('1 shot waits for the word')
  await expect(page.locator('[data-shot]')).toHaveCount(0)
  expect(await axeFindings(page)).toEqual([])
  await page.keyboard.press('Enter')
  await expect(asked).toHaveCount(0)
  await expect(page.locator('[data-shot]')).toHaveCount(1)

  // Nine minutes' pause, as the clock of the session saw it.
  const early = await openSession(request, banco, golfer)
  const url = `${banco.address}/api/sessions/${early}`
  const { session: open } = await bayOf(request, banco, early)
  const nine = { id: 'nine', ...open.open!, carryM: 60, hitMs: Date.now() + 9 * 60_000 }
  await request.post(`${url}/shots`, { data: { shots: [nine] } })
  expect((await bayOf(request, banco, early)).shots[0]?.heldBecause).toBe('range-not-clear')
  await request.post(`${url}/clear`, { data: { atMs: Date.now() + 9 * 60_000 } })
  expect((await bayOf(request, banco, early)).shots[0]?.heldBecause).toBeNull()
  expect((await bayOf(request, banco, session)).shots).toHaveLength(1)
})

test('where something hurts the session stops, pushes nobody on, and a slip of the finger is taken back', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Wella Nankervis')
  const session = await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  await page.keyboard.type('66\n67\n')
  await expect(page.locator('[data-shot]')).toHaveCount(2)
  await page.keyboard.press('r')
  await expect(page.getByRole('timer', { name: 'Rest' })).toContainText(/Rest: 1:2\d/)
  await page.getByRole('button', { name: 'Something hurts' }).click()
  await expect(page.getByText('Stop here for today.')).toBeVisible()
  await expect(page.getByText('First let it heal.')).toBeVisible()
  expect(await axeFindings(page)).toEqual([])
  const posted = await request.post(`${banco.address}/api/feed/shots`, {
    data: { id: 'after', units: { length: 'yd', speed: 'mph' }, carry: 66 },
  })
  expect(posted.status()).toBe(202)
  await page.getByRole('link', { name: 'Mend marks' }).click()
  await expect(page.getByText('You stopped this session since something hurt.')).toBeVisible()
  await expect(page.getByLabel('Carry in yd')).toHaveCount(0)
  await page.goBack()
  await page.getByRole('button', { name: 'That was a slip of the finger: go on' }).click()
  await expect(page.getByLabel('Carry in yd')).toBeVisible()
  expect((await bayOf(request, banco, session)).shots).toHaveLength(2)
})

/** The simulated weather station, where this Banco would ask it. */
async function withWeather(banco: BancoServer, place: string, doing: () => Promise<void>): Promise<void> {
  const station = spawn(process.execPath, [
    '--import',
    'tsx',
    'simulators/weather-station/main.ts',
    '--place',
    place,
    '--port',
    String(banco.weatherPort),
  ])
  try {
    await new Promise((resolve) => station.stdout.once('data', resolve))
    await doing()
  } finally {
    station.kill()
  }
}

const inSetUp = (page: Page) => page.getByRole('region', { name: 'Set-up' })

test('a set-up is said, the weather station asked, and what was skipped stands beside the numbers', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Nessa Boden')
  await request.patch(`${banco.address}/api/golfers/${golfer}`, {
    data: { lengthUnit: 'm', homeAltitudeM: 12 },
  })
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  const setUp = inSetUp(page)
  await setUp.getByText('nothing said yet').click()
  await setUp.getByRole('button', { name: 'Ask the weather station' }).click()
  await expect(setUp.getByText(/No weather station answers at .* or type the air yourself/)).toBeVisible()
  await withWeather(banco, 'Alto Verin', async () => {
    await setUp.getByRole('button', { name: 'Ask the weather station' }).click()
    await expect(setUp.getByText('As the station at Alto Verin reads it.')).toBeVisible()
  })
  await expect(setUp.getByLabel('Altitude of the numbers')).toHaveValue('1450')
  await setUp.getByRole('button', { name: /as at my home course, 12 m/ }).click()
  await expect(setUp.getByLabel('Altitude of the numbers')).toHaveValue('12')
  await setUp.getByLabel('The ball lies on').selectOption('mat')
  await setUp.getByLabel('Which one').selectOption('My monitor')
  await setUp.getByRole('button', { name: 'Change its checklist and distances' }).click()
  await setUp.getByLabel('Ball to net, at least').fill('2.9')
  await setUp.getByLabel('Ball to net', { exact: true }).fill('2.6')
  await setUp.getByLabel('Monitor to ball', { exact: true }).fill('2.1 paces')
  await page.getByRole('button', { name: 'Nobody is in front: start' }).click()
  await expect(page.getByText('One number of the set-up is not a number')).toBeVisible()
  await setUp.getByLabel('Monitor to ball', { exact: true }).fill('2,1')
  await setUp.getByLabel('calibrated').check()
  await expect(setUp.getByText('2.6 m where 2.9 m is wanted: 0.3 m short')).toBeVisible()
  expect(await axeFindings(page)).toEqual([])
  await page.getByRole('button', { name: 'Nobody is in front: start' }).click()

  await page.getByLabel('Carry in m').pressSequentially('61\n')
  await expect(page.locator('[data-shot]')).toHaveCount(1)
  await page.getByRole('button', { name: 'End the session' }).first().click()
  await expect(inSetUp(page)).toContainText('0.3 m short')
  await expect(inSetUp(page)).toContainText('“level” was not checked: it touches launch and peak')
  await inSetUp(page).getByRole('button', { name: 'Mend the set-up' }).click()
  await inSetUp(page).getByLabel('Ball', { exact: true }).fill('own ball')
  await inSetUp(page).getByRole('button', { name: 'Keep it' }).click()
  await expect(inSetUp(page)).toContainText('mat, own ball')
  await page.getByRole('link', { name: 'Stock', exact: true }).click()
  await page.getByText('The set-up of 1 session behind these numbers leaves something open').click()
  await expect(page.getByText(/0\.3 m short/)).toBeVisible()
})

test('a plan is made by hand with keys, is split over days, and a later day goes on where it stopped', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Peder Hosken', 'seven')
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  const plan = page.getByRole('region', { name: 'Plan' })
  await plan.getByLabel('Shots each').selectOption('3 shots each')
  await plan.getByRole('button', { name: 'All clubs with the half swing, or none' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('36 shots with 6 clubs')
  await plan.getByRole('button', { name: 'All clubs with the half swing, or none' }).click()
  await plan.getByLabel('S-wedge, half').check()
  await expect(plan.getByText('21 shots, about')).toBeVisible()
  await moveByKey(page, plan.getByRole('button', { name: /^Move S-wedge, half, place 1$/ }), 'ArrowDown')
  await expect(plan.getByLabel('What to hit')).toHaveValue('by-hand')
  await expect(plan.locator('.block').first()).toContainText('S-wedge')
  await expect(plan.locator('.block').nth(1)).toContainText('S-wedge, half')
  await plan.getByRole('button', { name: 'One shot more with the S-wedge, place 1' }).click()
  await plan.getByRole('button', { name: /^Leave out the Driver/ }).click()
  await plan.getByLabel('What to hit').selectOption('rounds of 3')
  await plan.getByLabel('Shots each').selectOption('12 shots each')
  await plan.getByLabel('Longest day').selectOption('45 min a day')
  await expect(plan.getByText(/84 shots over 2 days, about \d+ min and \d+ min/)).toBeVisible()
  await expect(plan.getByText('Day 2:')).toBeVisible()
  expect(await axeFindings(page)).toEqual([])
  await page.getByRole('button', { name: 'Nobody is in front: start' }).click()
  await expect(page.getByTestId('plan')).toContainText('0 of 3 with the S-wedge, half')
  await page.getByLabel('Carry in yd').pressSequentially('38\n39\n')
  await expect(page.locator('[data-shot]')).toHaveCount(2)
  await page.getByRole('button', { name: 'End the session' }).first().click()
  await expect(page.getByText(/planned shots wait for another day/)).toBeVisible()
  await page.getByRole('link', { name: 'Bay', exact: true }).click()
  await expect(page.getByText(/82 shots are left/)).toBeVisible()
  await page.getByRole('button', { name: 'Go on with it' }).click()
  await expect(page.getByText('82 shots over 2 days')).toBeVisible()
  await page.getByRole('button', { name: 'Nobody is in front: start' }).click()
  await expect(page.getByTestId('plan')).toContainText('0 of 1 with the S-wedge, half')
})

test('several carries are pasted as one action, all or none', async ({ page, request, banco }) => {
  const golfer = await golferWithBag(request, banco, 'Ysella Pender')
  const session = await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  const carry = page.getByLabel('Carry in yd')
  const paste = (text: string) =>
    carry.evaluate((input, pasted) => {
      const clipboardData = new DataTransfer()
      clipboardData.setData('text', pasted)
      input.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }))
    }, text)
  await paste('66.2\n67,1\r\nsixty\n68')
  await carry.press('Enter')
  await expect(page.locator('#carry-problem')).toContainText('Carry 3: "sixty" is not a carry')
  await expect(page.locator('#carry-problem')).toContainText('None was taken.')
  expect((await bayOf(request, banco, session)).shots).toEqual([])
  await carry.fill('')
  await paste('66.2\n67,1 2l\r\n68')
  await carry.press('Enter')
  await expect(page.locator('[data-shot]')).toHaveCount(3)
  expect((await bayOf(request, banco, session)).shots.map(({ offlineM }) => offlineM ?? 0)).toEqual([
    0,
    expect.closeTo(-1.8288, 4),
    0,
  ])
  await page.keyboard.press('h')
  const history = page.getByRole('dialog', { name: /^Shot 3: 68\.0 yd/ })
  await expect(history).toContainText('hit, typed')
  await history.getByRole('button', { name: 'it was in the wind' }).click()
  await expect(history).toHaveCount(0)
  await expect(page.locator('[data-shot]').first()).toContainText('wind')
  await page.keyboard.press('z')
  await expect(page.locator('[data-shot]').first()).not.toContainText('wind')
  await page.keyboard.press('z')
  await expect(page.locator('[data-shot]')).toHaveCount(0)
})

test('what was expected stands beside what was found, and is never asked again where the golfer says so', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Derwa Tippett')
  await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  await page.getByRole('button', { name: /^7-iron/ }).click()
  await page.keyboard.type('123.5e')
  await expect(page.getByText('expected 124')).toBeVisible()
  await page.keyboard.type('116.4 116.4 116.4 116.4\n')
  await page.keyboard.press('p')
  await expect(page.getByText('What do you expect of the 8-iron?')).toBeVisible()
  await page.getByRole('button', { name: 'Never ask' }).click()
  await expect(page.getByText('What do you expect')).toHaveCount(0)
  await page.keyboard.press('p')
  await expect(page.getByRole('heading', { name: '9-iron, full swing' })).toBeVisible()
  await expect(page.getByText('What do you expect')).toHaveCount(0)
  await page.getByRole('button', { name: 'End the session' }).first().click()
  await expect(page.getByRole('region', { name: 'What you expected' })).toContainText(
    '7-iron: expected 123.5, stock 116.4: 7.1 too hopeful (6.1%)',
  )
})
