import { axeFindings, expect, golferWithBag, test } from './banco'

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
  await expect(finding).toHaveText(/^Loft reads 1\.8 yd longer; on average within 5; single shots/)
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
  await page.getByLabel('To agree within').fill('1')
  await expect(finding).toHaveText(/not shown within 1 on average; single shots not proven within 1/)
  await page.setViewportSize({ width: 390, height: 844 })
  await expect.poll(() => page.evaluate('document.documentElement.scrollWidth')).toBeLessThanOrEqual(390)
})
