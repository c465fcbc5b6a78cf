import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  test: {
    // A machine that does other work besides is slow, and not wrong: only a test that hangs ends here.
    testTimeout: 300_000,
    hookTimeout: 300_000,
    // The default leaves one core unused.
    maxWorkers: '100%',
    globalSetup: ['scripts/programs.mjs'],
    include: ['{src,simulators,demo,tests,bench}/**/*.test.ts'],
    exclude: ['tests/e2e/**', 'node_modules/**'],
  },
})
