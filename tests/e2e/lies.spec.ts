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
      `${wood.name}: off the tee it carries 2\\.8% ± \\d\\.\\d% further than from the ground: two stocks\\.`,
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
  await expect(lies).toContainText('which may be nothing')
  expect((await stock()).map(({ swing }) => swing)).toEqual(['full', 'teed'])
})
