import { requestsWithoutResponse, bayOf, expect, golferWithBag, openSession, runMonitor, test } from './banco'

const shot = (id: string, more: object = {}) => ({
  id,
  units: { length: 'yd', speed: 'mph' },
  carry: 150,
  ...more,
})

test('the monitor’s shots appear in the Bay as they land, with what it measured', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Jory Trevanion')
  const session = await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  await page.getByRole('button', { name: /^7-iron/ }).click()
  await expect(page.getByText('Receiving', { exact: true })).toBeVisible()
  const message = await runMonitor(banco, '--club', '7i', '--shots', '6', '--seed', '5', '--every', '50')
  expect(message.match(/ 201 /g)).toHaveLength(6)
  await expect(page.locator('[data-shot]')).toHaveCount(6)
  const { shots } = await bayOf(request, banco, session)
  const listed = await page
    .locator('[data-shot]')
    .evaluateAll((rows) => rows.map((row) => row.getAttribute('data-shot')))
  expect(listed).toEqual(shots.map(({ id }) => id).reverse())
  await expect(page.getByText('launch', { exact: false }).first()).toBeVisible()

  await runMonitor(banco, '--shots', '2', '--no-club', '--every', '20')
  await expect(page.locator('[data-shot]')).toHaveCount(8)
})

test('asks where the monitor names another club, and goes there', async ({ page, request, banco }) => {
  const golfer = await golferWithBag(request, banco, 'Morwenna Sleath')
  await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  await page.getByRole('button', { name: /^8-iron/ }).click()
  await expect(page.getByRole('heading', { name: '8-iron, full swing' })).toBeVisible()
  expect(
    (
      await request.post(`${banco.address}/api/feed/shots`, { data: shot('other-1', { club: '7 Iron' }) })
    ).status(),
  ).toBe(202)
  const held = page.getByRole('region', { name: 'Shots that need checking' })
  await expect(held).toContainText('7-iron: 150.0 yd needs checking: the monitor names another club')
  await held.getByRole('button', { name: 'It was the 7-iron: go there' }).click()
  await expect(page.getByRole('heading', { name: '7-iron, full swing' })).toBeVisible()
  await expect(page.getByTestId('running-stock')).toContainText('7-iron: 150 ')

  expect(
    (
      await request.post(`${banco.address}/api/feed/shots`, { data: shot('5h-1', { club: '9-driver' }) })
    ).status(),
  ).toBe(202)
  await held.getByLabel('Which club was it?').selectOption({ label: '5-hybrid' })
  await held.getByRole('button', { name: '“9-driver” is this club' }).click()
  await expect(held).toHaveCount(0)
  // The station shows at once; a monitor's shot goes to the one that is stored.
  const opened = page.waitForResponse((response) => response.url().endsWith('/station'))
  await page.getByRole('button', { name: /^5-hybrid/ }).click()
  await opened
  expect(
    (
      await request.post(`${banco.address}/api/feed/shots`, { data: shot('5h-2', { club: '9-driver' }) })
    ).status(),
  ).toBe(201)
  await expect(page.getByTestId('running-stock')).toContainText('2 of 2 good')
})

test('answers each kind of post with its status and a sentence', async ({ request, banco }) => {
  const golfer = await golferWithBag(request, banco, 'Talan Rowse')
  await openSession(request, banco, golfer)
  const url = `${banco.address}/api/feed/shots`
  const post = async (data: unknown) => {
    const response = await request.post(url, {
      data: Buffer.from(typeof data === 'string' ? data : JSON.stringify(data)),
      headers: { 'Content-Type': 'application/json' },
    })
    return [response.status(), await response.text()] as const
  }
  expect(await post('{"id": ')).toEqual([400, expect.stringContaining('The request is not JSON')])
  expect(await post(shot('no-carry', { carry: undefined }))).toEqual([
    422,
    expect.stringContaining('\\"carry\\" is missing'),
  ])
  expect(await post(shot('furlong', { units: { length: 'furlong', speed: 'mph' } }))).toEqual([
    422,
    expect.stringContaining('must be one of'),
  ])
  expect((await post(shot('large', { club: 'x'.repeat(5 * 1024 * 1024) })))[0]).toBe(413)
  expect(await post(shot('club', { club: '13-spoon' }))).toEqual([
    202,
    expect.stringContaining('unknown-club'),
  ])
  expect(await post(shot('field', { mood: 'good' }))).toEqual([202, expect.stringContaining('unknown-field')])
  expect(await post(shot('far', { carry: 999 }))).toEqual([202, expect.stringContaining('implausible-carry')])
  expect(await post(shot('one'))).toEqual([201, expect.stringContaining('new')])
  expect(await post(shot('one'))).toEqual([200, expect.stringContaining('known')])
  expect(await post(shot('one', { carry: 151 }))).toEqual([
    409,
    expect.stringContaining('another shot with the id'),
  ])
})

test('shots that come while nothing is open wait for their golfer', async ({ page, request, banco }) => {
  const golfer = await golferWithBag(request, banco, 'Elowen Curnow')
  await runMonitor(banco, '--club', '8i', '--shots', '3', '--every', '10', '--seed', '3')
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  await expect(page.getByText('3 shots came from a monitor while nothing was open.')).toBeVisible()
  await page.getByRole('button', { name: 'They are mine' }).click()
  await expect(page.getByRole('heading', { name: '8-iron, full swing' })).toBeVisible()
  await expect(page.getByTestId('running-stock')).toContainText('of 3')
})

test('a page from elsewhere can neither write nor read by another name', async ({ request, banco }) => {
  const foreign = await request.post(`${banco.address}/api/feed/shots`, {
    data: shot('x'),
    headers: { Origin: 'http://elsewhere.example' },
  })
  expect(foreign.status()).toBe(403)
  const renamed = await request.get(`${banco.address}/`, { headers: { Host: 'elsewhere.example' } })
  expect(renamed.status()).toBe(403)
})

test('kill -9 while shots are posted loses none that was acknowledged, and none comes twice', async ({
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Petroc Annear')
  const session = await openSession(request, banco, golfer)
  const acknowledged: string[] = []
  const refusedAt: number[] = []
  const posting = (async () => {
    for (let i = 0; i < 400 && refusedAt.length === 0; i++) {
      const sent = await fetch(`${banco.address}/api/feed/shots`, {
        method: 'POST',
        body: JSON.stringify(shot(`kill-${i}`, { carry: 100 + i / 10 })),
      }).catch(() => null)
      if (sent?.status === 201) acknowledged.push(`kill-${i}`)
      else refusedAt.push(i)
    }
  })()
  // In the middle of the posting, however fast this machine is today.
  await expect.poll(() => acknowledged.length, { intervals: [10] }).toBeGreaterThan(30)
  await banco.stop('SIGKILL')
  await posting
  expect(acknowledged.length).toBeGreaterThan(10)
  expect(refusedAt).toHaveLength(1)
  await banco.start()
  const ids = (await bayOf(request, banco, session)).shots.map(({ id }) => id as string)
  expect(ids.filter((id) => acknowledged.includes(id))).toEqual(acknowledged)
  expect(new Set(ids).size).toBe(ids.length)
})

test('a server that stops and comes back in the middle misses nothing, and the open page goes on by itself', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Senara Bolitho')
  const session = await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  await page.getByRole('button', { name: /^7-iron/ }).click()
  await expect(page.getByRole('heading', { name: '7-iron, full swing' })).toBeVisible()
  const monitor = runMonitor(banco, '--club', '7i', '--shots', '50', '--every', '60', '--seed', '9')
  await expect(page.locator('[data-shot]')).not.toHaveCount(0)
  await banco.stop()
  await requestsWithoutResponse(page, 1)
  await banco.start()
  await monitor
  await expect(page.locator('[data-shot]')).toHaveCount(50, { timeout: 20_000 })
  expect((await bayOf(request, banco, session)).shots).toHaveLength(50)
})
