import { axeFindings, bayOf, expect, golferWithBag, openSession, test } from './banco'

test('a wood off the tee and from the ground is two stocks, from the Bay to the card; what nothing parts is joined and parted again', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Loveday Penrose')
  const session = await openSession(request, banco, golfer)
  const { bag } = await bayOf(request, banco, session)
  const wood = bag.clubs.find(({ kind }) => kind === 'wood')!
  await request.put(`${banco.address}/api/sessions/${session}/station`, {
    data: { clubId: wood.id, swing: 'full' },
  })
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  const title = page.getByRole('heading', { level: 1 })
  const type = async (carries: number[]) => {
    for (const carry of carries) {
      await page.keyboard.type(String(carry))
      await page.keyboard.press('Enter')
    }
  }
  await expect(title).toHaveText(new RegExp(`^${wood.name}, full`))
  await type([176, 177, 175, 176])
  await page.getByRole('button', { name: 'from the tee' }).click()
  await expect(title).toHaveText(new RegExp(`^${wood.name}, from the tee`))
  await type([181, 182, 180, 181])
  await expect(page.getByRole('button', { name: /181 .* 4 today/ })).toBeVisible()
  // The next club that is only hit from the ground is hit with a full swing.
  await expect.poll(async () => (await bayOf(request, banco, session)).shots.length).toBe(8)
  await page.getByRole('button', { name: /^7-iron/ }).click()
  await expect(title).toHaveText(/^7-iron, full/)

  await page.goto(`${banco.address}/golfers/${golfer}/stock`)
  const lies = page.getByRole('region', { name: 'Tee and ground' })
  await expect(lies).toContainText(
    new RegExp(
      `${wood.name}: off the tee it carries 2\\.8% ± \\d\\.\\d% further than from the ground\\. Keep two yardages\\.`,
    ),
  )
  expect(await axeFindings(page)).toEqual([])
  await page.goto(`${banco.address}/golfers/${golfer}/paper`)
  const card = page.getByRole('img', { name: new RegExp(wood.name) }).first()
  await expect(card).toBeVisible()
  await expect(page.getByText('181', { exact: true }).first()).toBeVisible()
  await expect(page.getByText('176', { exact: true }).first()).toBeVisible()

  // A driving iron and a hybrid may be one: here two more of each bring the wood together.
  const hybrid = bag.clubs.find(({ kind }) => kind === 'hybrid')!
  for (const [swing, carries] of [
    ['full', [170, 168, 172]],
    ['teed', [171, 168, 173]],
  ] as const) {
    const shots = carries.map((carry, i) => ({
      ...{ id: `${swing}-${i}`, clubId: hybrid.id, swing, carryM: carry * 0.9144, hitMs: Date.now() },
    }))
    const sent = await request.post(`${banco.address}/api/sessions/${session}/shots`, { data: { shots } })
    expect(sent.status()).toBe(200)
  }
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(`${banco.address}/golfers/${golfer}/stock`)
  await expect(lies).toContainText(`${hybrid.name}: off the tee it carries 0.4% ±`)
  await page.getByRole('button', { name: 'Make them one stock' }).click()
  await expect(lies).toContainText(`${hybrid.name}: off the tee and from the ground are one stock.`)
  const stock = async () =>
    (await bayOf(request, banco, session)).analysis.stocks.filter(({ clubId }) => clubId === hybrid.id)
  expect((await stock()).map(({ swing, count }) => [swing, count])).toEqual([['full', 6]])
  await expect.poll(() => page.evaluate('document.documentElement.scrollWidth')).toBeLessThanOrEqual(390)
  await page.getByRole('button', { name: 'Keep them apart' }).click()
  await expect(lies).toContainText('One yardage will do.')
  expect((await stock()).map(({ swing }) => swing)).toEqual(['full', 'teed'])
})

test('a club off the mat and off grass is one stock until its golfer says which it stands for; the Bay then says what stands beside', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Elowen Tregear')
  const shotsOff = async (surface: 'mat' | 'grass', carries: number[]) => {
    const session = await openSession(request, banco, golfer, 'range')
    const { bag } = await bayOf(request, banco, session)
    const seven = bag.clubs.find(({ name }) => name === '7-iron')!
    const message = await request.post(`${banco.address}/api/sessions/${session}/events`, {
      data: { kind: 'air', wind: null, tempC: null, surface },
    })
    expect(message.status()).toBe(200)
    const shots = carries.map((carry, i) => ({
      ...{
        id: `${surface}-${i}`,
        clubId: seven.id,
        swing: 'full',
        carryM: carry * 0.9144,
        hitMs: Date.now(),
      },
    }))
    const sent = await request.post(`${banco.address}/api/sessions/${session}/shots`, { data: { shots } })
    expect(sent.status()).toBe(200)
    return session
  }
  const onMat = await shotsOff('mat', [160, 161, 159, 160, 162, 158])
  await request.patch(`${banco.address}/api/sessions/${onMat}`, { data: { ended: true } })
  const onGrass = await shotsOff('grass', [152, 151, 153, 152])

  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(`${banco.address}/golfers/${golfer}/stock`)
  const surfaces = page.getByRole('region', { name: 'Mat and grass' })
  await expect(surfaces).toContainText(
    /Off grass your good shots carry 5\.0% ± \d\.\d% less than off the mat \(1 club or swing\)\. More shots of both are needed to tell\./,
  )
  const row = page.getByRole('row', { name: '7-iron' }).first()
  await expect(row).toContainText('156.8')
  await surfaces
    .getByLabel('Stocks are of shots')
    .selectOption({ label: 'off grass; the others beside them' })
  await expect(row).toContainText('152.0')
  await expect(page.getByText('Of shots off grass; the others are beside them.')).toBeVisible()
  await row.getByRole('button').click()
  await expect(
    page.getByText('6 shots off the mat are not in it: 152.0 from the others, 156.8 if all.'),
  ).toBeVisible()
  expect(await axeFindings(page)).toEqual([])
  await page.getByRole('button', { name: 'Rules' }).click()
  await page.getByLabel('Which shots').selectOption('only off the mat')
  await expect(row).toContainText('160.0')
  await expect.poll(() => page.evaluate('document.documentElement.scrollWidth')).toBeLessThanOrEqual(390)

  await page.goto(`${banco.address}/golfers/${golfer}/bay?session=${onGrass}`)
  const now = page.getByRole('region', { name: 'From the next shot on' })
  await now.getByRole('button', { name: 'grass' }).click()
  await page.getByLabel('The ball lies on').selectOption('mat')
  await page.getByRole('button', { name: 'It is so now' }).click()
  await expect(now).toContainText(
    'You are hitting off the mat: shown beside your yardages, where a club has others.',
  )
})
