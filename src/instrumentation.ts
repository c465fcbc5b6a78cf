/** Called once by the framework when a server starts. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return
  const { startServer } = await import('./http/server')
  startServer()
}
