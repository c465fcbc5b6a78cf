/** What a phone needs to keep Banco among its applications. */
export const dynamic = 'force-static'

export const GET = (): Response =>
  new Response(
    JSON.stringify({
      name: 'Banco',
      short_name: 'Banco',
      description: 'The bench where a golfer finds out how far each club really goes.',
      start_url: '/',
      display: 'standalone',
      background_color: '#edf0f6',
      theme_color: '#17256f',
      icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
    }),
    { headers: { 'Content-Type': 'application/manifest+json' } },
  )
