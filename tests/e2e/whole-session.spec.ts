import type { APIRequestContext } from '@playwright/test'
import type { BancoServer } from '../../demo/banco-server'
import {
  requestsWithoutResponse,
  axeFindings,
  bayOf,
  expect,
  golferWithBag,
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

test('twelve stations typed with the keyboard alone: four keys a carry, one a mark, none for the next club', async ({
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
    const hit = i < 11 ? `${3 * (i + 1)} of 36 shots hit` : 'The plan is done: all 36 shots.'
    await expect(page.getByTestId('plan')).toContainText(hit)
    await press('o')
    await expect(page.getByRole('button', { name: 'Off centre O' })).toHaveAttribute('aria-pressed', 'true')
  }
  const typed = CARRIES.flatMap((carry) => [carry, carry + 2, carry - 1])
  await expect.poll(() => carriesYd(request, banco, session), { timeout: 30_000 }).toEqual(typed)
  expect(
    (await bayOf(request, banco, session)).shots.filter(({ mark }) => mark === 'off-centre'),
  ).toHaveLength(12)
  await expect(page.getByTestId('plan')).toHaveText('The plan is done: all 36 shots.')
  const digits = typed.join('').length
  // The plan opens the next club by itself.
  expect(keys).toBe(digits + typed.length + 12)
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
      const hit = i < 11 ? `${2 * (i + 1)} of 24 shots hit` : 'The plan is done: all 24 shots.'
      await expect(page.getByTestId('plan')).toContainText(hit)
      const marks = page.getByRole('group', { name: 'Mark' })
      await tap('Thin', marks)
      await expect(marks.getByRole('button', { name: 'Thin', exact: true })).toHaveAttribute(
        'aria-pressed',
        'true',
      )
    }
    const typed = CARRIES.flatMap((carry) => [carry, carry + 1])
    expect(await carriesYd(request, banco, session)).toEqual(typed)
    expect(taps).toBe(typed.join('').length + typed.length + 12)
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
  await expect(page.getByTestId('running-stock')).toContainText('2 of 2 good')
  await banco.stop()
  await expect(page.getByText('not connected')).toBeVisible()
  await page.keyboard.type('69\n66\n')
  await page.keyboard.press('n')
  await page.keyboard.type('82\n')
  await expect(page.getByText('3 shots not sent yet')).toBeVisible()
  expect(await axeFindings(page)).toEqual([])
  await requestsWithoutResponse(page, 3)
  await banco.start()
  await expect(page.getByText('in this browser')).toHaveCount(0)
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

test('ten actions of every kind are undone one by one after a restart', async ({ page, request, banco }) => {
  const golfer = await golferWithBag(request, banco, 'Meliora Keast')
  const session = await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  await page.getByRole('button', { name: /^8-iron/ }).click()
  await page.keyboard.type('126e')
  await expect(page.getByText('expected 126')).toBeVisible()
  await page.keyboard.type('129\n131\n')
  await page.getByRole('button', { name: 'Warm-up U' }).click()
  await expect(page.getByText('Warm-up: 0 shots, not counted')).toBeVisible()
  await page.keyboard.type('118\n')
  await expect(page.getByText('Warm-up: 1 shot, mean 118.0 yd, not counted')).toBeVisible()
  await page.keyboard.press('u')
  await expect(page.getByTestId('running-stock')).toContainText('2 of 2 good')
  await page.keyboard.press('g')
  await expect(page.getByRole('button', { name: 'Wind dropped' })).toBeVisible()
  await page.keyboard.type('119 120\n')
  await expect(page.getByTestId('running-stock')).toContainText('2 of 2 good')
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
  const gaps: unknown[] = [
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
  for (const after of gaps) {
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
  const message = await runMonitor(banco, '--club', '7i', '--shots', '60', '--every', '100', '--seed', '11')
  expect(message.match(/ 201 /g)).toHaveLength(60)
  await expect(page.locator('[data-shot]')).toHaveCount(60)
  const listed = await page
    .locator('[data-shot]')
    .evaluateAll((rows) => rows.map((row) => row.getAttribute('data-shot')))
  const { shots } = await bayOf(request, banco, session)
  expect(listed).toEqual(shots.map(({ id }) => id as string).reverse())
})
