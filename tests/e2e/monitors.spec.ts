import { axeFindings, bayOf, expect, golferWithBag, moveByKey, openSession, runMonitor, test } from './banco'

/** Twenty shots that both read, the first about 1.8 yd longer; one misread, one that the second lost. */
const SHOTS = Array.from({ length: 20 }, (_, i) => {
  const carry = 70 + 6 * i
  return `${(carry + 1.8 + ([0.4, -1.2, 1.9, -0.3, -0.8][i % 5] as number)).toFixed(1)} ${carry.toFixed(1)}`
})

test('two monitors on the same shots: the picture, three claims, what more would prove, what is left over', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Wenna Carlyon')
  await page.goto(`${banco.address}/golfers/${golfer}/log`)
  await page.getByRole('link', { name: 'Two monitors' }).click()
  const finding = page.getByRole('heading', { level: 1 })
  await expect(finding).toHaveText('How far do two monitors agree?')
  await page.getByLabel('The first monitor').fill('Loft')
  await page.getByLabel(/^Carries of the same shots/).fill([...SHOTS, '150 90', '148'].join('\n'))
  await expect(finding).toHaveText(
    /^Loft reads 1\.8 yd longer on average\. Single shots can differ by −1 to 4 yd\. .*within 5 yd\.$/,
  )
  await expect(
    page.getByText(/Left over: 1 pair too far off to be one shot, 1 line without a pair/),
  ).toBeVisible()
  await expect(page.getByText('Without a pair: line 22 (148).')).toBeVisible()
  const rows = page.getByRole('region', { name: 'Shot by shot' }).getByRole('row')
  await expect(rows).toHaveCount(22)
  await expect(rows.last()).toContainText('no measurement of one shot')
  await expect(page.getByRole('region', { name: 'The differences' }).getByRole('img')).toBeVisible()
  await expect(page.getByText(/It does not surely grow with distance/)).toBeVisible()
  expect(await axeFindings(page)).toEqual([])

  // Within one yard not even the average is shown.
  await page.getByRole('textbox', { name: 'To agree within' }).fill('1')
  await expect(finding).toHaveText(/They do not agree within 1 yd\.$/)
  await page.setViewportSize({ width: 390, height: 844 })
  await expect.poll(() => page.evaluate('document.documentElement.scrollWidth')).toBeLessThanOrEqual(390)
})

test('two simulated monitors at once: the second watches, one ball lost by each; a pair is moved by keys; a correction is switched on, said and taken back', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Tamsyn Nance')
  const session = await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  const clubs = (await bayOf(request, banco, session)).bag.clubs
  const sevenIron = clubs.find(({ name }) => name === '7-iron')!.id
  await request.put(`${banco.address}/api/sessions/${session}/station`, {
    data: { clubId: sevenIron, swing: 'full' },
  })
  // The loft's own monitor is there first; what the other one says of a ball of its own is held.
  const hit = ['--club', '7i', '--no-club', '--every', '9000', '--seed', '3']
  const ball = [...hit, '--shots', '1', '--at', String(Date.now())]
  await runMonitor(banco, ...ball, '--as', 'Loft')
  await runMonitor(banco, ...ball, '--as', 'Coach', '--bias=-3')
  await page.getByRole('button', { name: 'The same balls: Coach only watches' }).click()
  await expect(page.getByText(/Coach watches: what it reads is compared/)).toBeVisible()
  expect((await bayOf(request, banco, session)).shots).toHaveLength(1)

  // Both saw the same three minutes, which are told at once.
  const at = ['--at', String(Date.now() - 200_000)]
  await Promise.all([
    runMonitor(banco, ...hit, ...at, '--shots', '20', '--as', 'Loft', '--lose', '5'),
    runMonitor(
      banco,
      ...hit,
      ...at,
      '--shots',
      '20',
      '--as',
      'Coach',
      '--bias=-3',
      '--noise',
      '0.8',
      '--lose',
      '12',
    ),
  ])
  // Twenty shots and not forty: the stock is made of the one monitor's.
  await expect(page.getByRole('button', { name: /^7-iron .* 20 today/ })).toBeVisible()

  await page.getByRole('link', { name: 'compared' }).click()
  const finding = page.getByRole('heading', { level: 1 })
  await expect(finding).toHaveText(/^Loft reads [2-4]\.\d yd longer on average\. Single shots can differ by/)
  await expect(page.getByText(/1 shot that only Loft read and 1 shot that only Coach read/)).toBeVisible()
  await expect(page.getByRole('region', { name: 'The differences' }).getByRole('img')).toBeVisible()
  expect(await axeFindings(page)).toEqual([])

  const rows = page.getByRole('region', { name: 'Shot by shot' }).getByRole('row')
  // A head, nineteen and one pairs of which each lost one, and the place for what belongs to no shot.
  await expect(rows).toHaveCount(1 + 21 + 1)
  const moves = page.waitForResponse((response) => response.url().endsWith('/pairs'))
  await moveByKey(page, rows.nth(1).getByRole('button'), 'ArrowDown')
  await moves
  await expect(page.getByText('moved', { exact: true }).first()).toBeVisible()
  await page.getByRole('button', { name: 'Pair them as they came' }).click()
  await expect(page.getByText('moved', { exact: true })).toHaveCount(0)

  // The other way round the loft’s own numbers would be brought down to the coach’s: only what is asked for acts.
  await page.getByRole('link', { name: 'The other way round' }).click()
  await expect(finding).toHaveText(/^Coach reads [2-4]\.\d yd shorter/)
  const before = await bayOf(request, banco, session)
  const stock = ({ analysis }: typeof before) => analysis.stocks.find(({ clubId }) => clubId === sevenIron)!
  await page.getByRole('checkbox', { name: /^Loft: every carry counts [2-4]\.\d yd less/ }).check()
  await expect
    .poll(async () => stock(await bayOf(request, banco, session)).adjustments)
    .toMatchObject([{ kind: 'corrected', of: ['Loft'] }])
  await page.goto(`${banco.address}/golfers/${golfer}/stock`)
  await expect(page.getByText('Corrected numbers of Loft are included in 7-iron.')).toBeVisible()
  await page.goBack()
  await page.getByRole('checkbox', { name: /^Loft: every carry counts/ }).uncheck()
  await expect.poll(async () => stock(await bayOf(request, banco, session)).carryM).toBe(stock(before).carryM)

  await page.setViewportSize({ width: 390, height: 844 })
  await expect.poll(() => page.evaluate('document.documentElement.scrollWidth')).toBeLessThanOrEqual(390)
})

test('what another screen said is typed beside the shots of a session, and compared', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Petroc Vean')
  const session = await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  for (const carry of [92, 95, 93, 94]) {
    await page.keyboard.type(String(carry))
    await page.keyboard.press('Enter')
  }
  await expect.poll(async () => (await bayOf(request, banco, session)).shots.length).toBe(4)
  await page.goto(`${banco.address}/golfers/${golfer}/sessions/${session}`)
  await page.getByRole('link', { name: 'Another monitor read these shots too' }).click()
  for (const [i, carry] of [90, 93, 92].entries())
    await page.getByLabel(`The other screen, shot ${i + 1}`).fill(String(carry))
  await page.getByRole('button', { name: 'Compare 3 shots' }).click()
  await expect(page.getByText('Give the other monitor a name, such as “Bay 3”.')).toBeVisible()
  await page.getByLabel('The other monitor, by your own word').fill('Bay 3')
  expect(await axeFindings(page)).toEqual([])
  await page.getByRole('button', { name: 'Compare 3 shots' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    /^A guess from 3 pairs\. The monitor reads 1\.7 yd longer/,
  )
  expect((await bayOf(request, banco, session)).shots).toHaveLength(4)
})

test('a file of another monitor is only compared: paired by number where it has no clock, and in no stock', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Kerra Bolitho')
  const session = await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  for (const carry of [92, 95, 93, 94]) {
    await page.keyboard.type(String(carry))
    await page.keyboard.press('Enter')
  }
  await expect.poll(async () => (await bayOf(request, banco, session)).shots.length).toBe(4)
  const { bag, shots } = await bayOf(request, banco, session)
  const club = bag.clubs.find(({ id }) => id === shots[0]!.clubId)!.name
  await page.goto(`${banco.address}/golfers/${golfer}/import`)
  await page
    .getByLabel('or paste its rows, titles first')
    .fill(['club,carry (yd)', ...[90, 93, 91, 92].map((carry) => `${club},${carry}`)].join('\n'))
  await page.getByRole('button', { name: 'Read what was pasted' }).click()
  await page.getByLabel(/^Which monitor measured them/).fill('Bay 3')
  await page.getByLabel(/only compare them$/).check()
  await page.getByRole('button', { name: 'Compare 4 shots' }).click()
  await page.getByRole('link', { name: 'See how they agree' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    /^A guess from 4 pairs\. The monitor reads 2\.0 yd longer/,
  )
  await expect(page.getByText(/Paired by their numbers at each club/)).toBeVisible()
  expect((await bayOf(request, banco, session)).analysis.stocks.find(({ count }) => count > 0)?.count).toBe(4)
})

test('a range ball against one’s own: three and three in the Bay, the factor by club, counted only when asked', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Jory Trelawny')
  await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  const ball = page.getByLabel('The ball')
  const type = async (carries: number[]) => {
    for (const carry of carries) {
      await page.keyboard.type(String(carry))
      await page.keyboard.press('Enter')
    }
  }
  await ball.selectOption('own ball')
  await expect(ball).toHaveValue('own ball')
  await page.locator('body').press('Escape')
  await type([100, 101, 99])
  await ball.selectOption('range ball')
  await expect(ball).toHaveValue('range ball')
  await type([95, 96, 94])
  const turn = page.getByRole('button', { name: '3 shots with range ball: now own ball.' })
  await turn.click()
  await expect(ball).toHaveValue('own ball')
  await type([100, 102, 98])
  await page.getByRole('button', { name: '3 shots with own ball: now range ball.' }).click()
  await expect(ball).toHaveValue('range ball')
  await type([95, 97, 93])
  await expect(page.getByText(/^Range balls .not adjusted. are included in/)).toBeVisible()

  await page.goto(`${banco.address}/golfers/${golfer}/log`)
  await page.getByRole('link', { name: 'Balls', exact: true }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(
    /^Own ball goes 5\.3% ± \d\.\d% further than range ball\.$/,
  )
  await expect(page.getByRole('region', { name: 'How much further' }).getByRole('row').nth(1)).toContainText(
    '1.053 ±',
  )
  expect(await axeFindings(page)).toEqual([])
  await page.getByRole('checkbox', { name: /^Every carry with range ball counts 1\.053 times/ }).check()
  await expect(page.getByRole('checkbox', { name: /^Every carry with range ball/ })).toBeChecked()
  await page.goto(`${banco.address}/golfers/${golfer}/stock`)
  await expect(page.getByText(/range ball in .*: counted as what your own ball would carry\./)).toBeVisible()
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(`${banco.address}/golfers/${golfer}/balls`)
  await expect.poll(() => page.evaluate('document.documentElement.scrollWidth')).toBeLessThanOrEqual(390)
  await page.getByRole('checkbox', { name: /^Every carry with range ball/ }).uncheck()
  await expect(page.getByRole('checkbox', { name: /^Every carry with range ball/ })).not.toBeChecked()
})
