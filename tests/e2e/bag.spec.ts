import { expect, golferWithBag, moveByKey, test, toRack } from './banco'

test('clubs are ordered by key and by drag, racked and put back', async ({ page, request, banco }) => {
  const golfer = await golferWithBag(request, banco, 'Loveday Quill')
  await page.goto(`${banco.address}/golfers/${golfer}/bag`)
  const names = () => page.getByRole('region', { name: 'In the bag' }).locator('b').allTextContents()
  await moveByKey(page, page.getByRole('button', { name: 'Move 7-wood' }), 'ArrowUp')
  await expect.poll(async () => (await names()).slice(0, 3)).toEqual(['Driver', '7-wood', '5-wood'])

  const from = await page.getByRole('button', { name: 'Move 5-wood' }).boundingBox()
  const to = await page.getByRole('button', { name: 'Move 7-wood' }).boundingBox()
  if (!from || !to) throw new Error('the grips are not on the page')
  await page.mouse.move(from.x + 10, from.y + 10)
  await page.mouse.down()
  await page.mouse.move(to.x + 10, to.y + 5, { steps: 12 })
  await page.mouse.up()
  await expect.poll(async () => (await names()).slice(0, 3)).toEqual(['Driver', '5-wood', '7-wood'])

  await toRack(page, '5-hybrid')
  await page.reload()
  await expect.poll(names).not.toContain('5-hybrid')
  await page.getByRole('button', { name: 'Into the bag' }).click()
  await expect.poll(async () => (await names())[3]).toBe('5-hybrid')
})

test('a duplicate club, an odd loft and a 15th club get a sentence, and nothing changes', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Gerens Spargo', 'fourteen')
  await page.goto(`${banco.address}/golfers/${golfer}/bag`)
  await page.getByRole('button', { name: 'Add a club' }).click()
  await page.getByLabel('Name').fill('7-IRON')
  await page.getByRole('button', { name: 'Add the club' }).click()
  await expect(page.getByText('There is a club called 7-IRON already')).toBeVisible()
  await page.getByLabel('Name').fill('Spoon')
  await page.getByLabel(/Loft/).fill('95')
  await page.getByRole('button', { name: 'Add the club' }).click()
  await expect(page.getByText('Type a number from 0 to 80, or leave it empty.')).toBeVisible()
  await page.getByLabel(/Loft/).fill('13.5')
  await page.getByRole('button', { name: 'Add the club' }).click()
  await expect(page.getByText('The bag has its 14 clubs (Rule 4.1b)')).toBeVisible()
  await page.getByRole('button', { name: 'Into the bag' }).click()
  const title = page.getByRole('heading', { level: 1 })
  await expect(title).toHaveText('15 clubs, 14 allowed: 1 over')
  await expect(page.getByText('Take one out first. The bag is unchanged.')).toBeVisible()
  const inBag = async () => {
    await page.reload()
    return page.getByRole('region', { name: 'In the bag' }).locator('b').allTextContents()
  }
  expect(await inBag()).not.toContain('Spoon')
  await page.getByRole('button', { name: 'Into the bag' }).click()
  await toRack(page, '3-wood')
  await expect(title).toHaveText('Fourteen clubs: the bag is full')
  expect(await inBag()).toContain('Spoon')
})

test('a club of the rack is changed; a new shaft is said of the day, the bag opens as it was; one loft twice is named', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Meraud Pell')
  await page.goto(`${banco.address}/golfers/${golfer}/bag`)
  await toRack(page, '5-hybrid')
  await page
    .getByRole('region', { name: 'Out of the bag' })
    .getByRole('button', { name: 'Change 5-hybrid' })
    .click()
  await page.getByText('How it is made').click()
  await expect(page.getByText('Length and bounce are what is usual')).toBeVisible()
  await page.getByLabel(/is new: it was bent/).check()
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('Nothing differs from before')).toBeVisible()
  await page.getByRole('textbox', { name: 'Shaft', exact: true }).fill('graphite, 75 g')
  await page.getByRole('button', { name: 'Save' }).click()
  const earlier = page.getByRole('region', { name: 'Earlier bags' })
  await expect(earlier).toContainText('5-hybrid changed')
  await earlier.getByRole('link').click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('The bag as it was until')
  await page.getByRole('link', { name: 'To the bag as it is' }).click()
  await page.getByRole('button', { name: 'Change 50° wedge' }).click()
  await page.getByLabel(/Loft/).fill('54')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('The 50° wedge and the 54° wedge have one loft')).toBeVisible()
})
