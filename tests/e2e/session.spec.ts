import type { APIRequestContext } from '@playwright/test'
import type { BancoServer } from '../../demo/banco-server'
import {
  requestsWithoutResponse,
  axeFindings,
  bayOf,
  expect,
  golferWithBag,
  openSession,
  test,
} from './banco'

/** Types nothing: puts shots into a session as the Bay would. */
async function typed(
  request: APIRequestContext,
  banco: BancoServer,
  session: string,
  name: string,
  carriesYd: number[],
) {
  const { bag } = await bayOf(request, banco, session)
  const clubId = bag.clubs.find((club) => club.name === name)!.id
  for (const carry of carriesYd) {
    const shot = {
      id: `${name}-${carry}`,
      clubId,
      swing: 'full',
      carryM: carry * 0.9144,
      hitMs: Date.now(),
    }
    const url = `${banco.address}/api/sessions/${session}/shots`
    expect((await request.post(url, { data: { shots: [shot] } })).status()).toBe(200)
  }
}

test('a shot of the driver under the 7-wood is noticed, moved by one tap, and undone', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Demelza Pascoe')
  const session = await openSession(request, banco, golfer)
  await typed(request, banco, session, 'Driver', [244, 249, 241, 247, 246])
  await typed(request, banco, session, '5-hybrid', [184, 181, 186, 183])
  await typed(request, banco, session, '7-iron', [156, 158, 155, 157])
  await typed(request, banco, session, '7-wood', [203.7, 208.1, 199.3, 206.4, 201])
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  await page.getByRole('button', { name: /^7-wood/ }).click()
  const stock = page.getByTestId('running-stock')
  await expect(stock).toContainText(/7-wood: 204 ± \d yd, 5 of 5 good/)
  await page.keyboard.type('246\n')
  await expect(page.getByText('1 shot of the 7-wood looks like the Driver’s')).toBeVisible()
  await expect(stock).toContainText(/7-wood: 204 ± \d yd, 5 of 6 good/)
  await page.getByRole('button', { name: 'Move it to the Driver' }).click()
  await expect(stock).toContainText('5 of 5 good')
  const moved = (await bayOf(request, banco, session)).analysis.stocks
  expect(moved.find(({ count }) => count === 6)).toBeTruthy()
  await page.keyboard.press('z')
  await expect(stock).toContainText('5 of 6 good')
})

test('a slip of the fingers is held and asked about, by key', async ({ page, request, banco }) => {
  const golfer = await golferWithBag(request, banco, 'Piran Tregear')
  const session = await openSession(request, banco, golfer)
  await typed(request, banco, session, 'Driver', [219.7, 220.4, 219])
  await typed(request, banco, session, '7-wood', [198.2, 197.5, 198.9])
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  await page.getByRole('button', { name: /^5-wood/ }).click()
  await page.keyboard.type('290.8\n')
  const held = page.getByRole('region', { name: 'Shots that need checking' })
  await expect(held).toContainText('far above your other shots. Did you mean 209.8 yd (two digits swapped)?')
  await expect(page.getByTestId('running-stock')).toContainText('no shot counts yet')
  await page.keyboard.press('y')
  await expect(held).toHaveCount(0)
  await expect(page.getByTestId('running-stock')).toContainText('5-wood: 210 ')
  await page.keyboard.type('290.8\n')
  await expect(held).toBeVisible()
  await page.keyboard.press('k')
  await expect(held).toHaveCount(0)
  expect(
    (await bayOf(request, banco, session)).shots.map(({ carryM }) => Math.round(carryM! / 0.09144) / 10),
  ).toEqual([219.7, 220.4, 219, 198.2, 197.5, 198.9, 209.8, 290.8])
})

test('with the server gone, typed shots wait in the browser, survive a closed tab, and are sent once', async ({
  page,
  context,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Rosen Chenoweth')
  const session = await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  await page.getByRole('button', { name: /^8-iron/ }).click()
  await page.keyboard.type('131\n')
  await expect(page.getByTestId('running-stock')).toContainText('1 of 1 good')
  await banco.stop()
  await expect(page.getByText('not connected')).toBeVisible()
  await page.keyboard.type('129\n')
  await page.keyboard.press('n')
  await page.keyboard.type('141\n')
  await page.keyboard.type('139 4l\n')
  await expect(page.getByText('3 shots not sent yet')).toBeVisible()
  await expect(page.locator('[data-shot]')).toHaveCount(2)
  await page.close()

  await banco.start()
  const again = await context.newPage()
  await again.goto(`${banco.address}/golfers/${golfer}/gaps`)
  await expect
    .poll(async () =>
      (await bayOf(request, banco, session)).shots.map(({ carryM }) => Math.round(carryM! / 0.9144)),
    )
    .toEqual([131, 129, 141, 139])
  await again.goto(`${banco.address}/golfers/${golfer}/bay`)
  await expect(again.getByText('in this browser')).toHaveCount(0)
  expect((await bayOf(request, banco, session)).shots).toHaveLength(4)
})

test('a server gone for a while does not lose the station, and a second tab sees the same', async ({
  page,
  context,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Tamsyn Nance')
  const session = await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  await page.getByRole('button', { name: /^8-iron/ }).click()
  await expect(page.getByRole('heading', { name: '8-iron, full swing' })).toBeVisible()
  await banco.stop()
  await expect(page.getByText('not connected')).toBeVisible()
  await page.keyboard.press('n')
  await page.keyboard.type('141\n')
  await expect(page.getByText('1 shot not sent yet')).toBeVisible()
  await requestsWithoutResponse(page, 2)
  await banco.start()
  await expect(page.getByText('Receiving', { exact: true })).toBeVisible()
  await expect(page.getByText('in this browser')).toHaveCount(0)
  await expect(page.getByRole('heading', { name: '7-iron, full swing' })).toBeVisible()
  const second = await context.newPage()
  await second.goto(`${banco.address}/golfers/${golfer}/bay`)
  await expect(second.locator('[data-shot]')).toHaveCount(1)
  await page.bringToFront()
  await page.keyboard.type('143\n')
  await expect(second.locator('[data-shot]')).toHaveCount(2)
  expect((await bayOf(request, banco, session)).session.open?.clubId).toBe(
    (await bayOf(request, banco, session)).shots[1]!.clubId,
  )
})

test('a planned session is followed club by club, reopened where it stopped, and says at its end what was not hit', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Lowenna Prisk', 'seven')
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  await expect(page.getByText('36 shots, about')).toBeVisible()
  await page.getByLabel('Shots each').selectOption('3')
  await page.getByLabel('On the range').check()
  await page.getByRole('button', { name: 'All clear, start' }).click()
  const plan = page.getByTestId('plan')
  await expect(plan).toContainText(/0 of 3 with the S-wedge.*then the P-wedge.*0 of 18 shots hit/)
  for (const carry of ['61', '62', '60.5']) await page.keyboard.type(`${carry}\n`)
  await expect(plan).toContainText(/0 of 3 with the P-wedge.*then the 9-iron.*3 of 18 shots hit/)
  // The plan has opened the P-wedge: what comes next is the club after it.
  await expect(page.getByRole('button', { name: 'Next: 9-iron' })).toBeVisible()
  await expect(page.getByRole('heading', { name: 'P-wedge, full swing' })).toBeVisible()
  for (const carry of ['82', '81']) await page.keyboard.type(`${carry}\n`)
  await banco.stop()
  await banco.start()
  await page.reload()
  await expect(plan).toContainText('2 of 3 with the P-wedge')
  await page.getByRole('button', { name: 'End the session' }).first().click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('5 shots with 2 clubs')
  await expect(page.getByText('Planned and not hit: 1 × P-wedge, 3 × 9-iron')).toBeVisible()
  expect(await axeFindings(page)).toEqual([])
  await page.getByRole('link', { name: 'Continue' }).click()
  await expect(plan).toContainText('2 of 3 with the P-wedge')
})

test('typed fast and left at once, nothing is lost: what was not answered is sent by the next page', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Hedra Moyle')
  const session = await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  await expect(page.getByText('Receiving', { exact: true })).toBeVisible()
  const typed = Array.from({ length: 24 }, (_, i) => 60 + (i % 7))
  for (const carry of typed) await page.keyboard.type(`${carry}\n`)
  await page.goto(`${banco.address}/golfers/${golfer}/stock`)
  await expect
    .poll(
      async () =>
        (await bayOf(request, banco, session)).shots.map(({ carryM }) => Math.round(carryM! / 0.9144)),
      {
        timeout: 20_000,
      },
    )
    .toEqual(typed)
})
