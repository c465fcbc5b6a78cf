// What `npm start -- --network` needs: this machine's addresses, a passcode, and where there is one a certificate.
import { randomBytes } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { networkInterfaces } from 'node:os'
import { createSecureContext } from 'node:tls'
import { PORT, portIsFree, stop } from './ready.mjs'

const SHORTEST_TOKEN = 16

/** The environment of a server that is on the network, and what is said to who started it; neither without --network. */
export async function networkEnv({ network, cert, key, 'feed-token': token }) {
  if (!network) {
    if (cert || key || token) stop('--cert, --key and --feed-token are for --network: say that too.')
    return { env: {}, says: [] }
  }
  if (!cert !== !key) stop('A certificate needs its key and the other way round: say --cert FILE --key FILE.')
  if (cert) checkCertificate(cert, key)
  if (token !== undefined && (token.length < SHORTEST_TOKEN || /\s/.test(token)))
    stop(`The feed's token must have ${SHORTEST_TOKEN} letters or more and no space: choose a longer one.`)
  const addresses = Object.values(networkInterfaces())
    .flat()
    .filter(({ internal, family }) => family === 'IPv4' && !internal)
    .map(({ address }) => address)
  if (addresses.length === 0)
    stop('This machine is on no network: connect it, or start Banco without --network.')
  for (const address of addresses)
    if (!(await portIsFree(PORT, address)))
      stop(`Port ${PORT} of ${address} is taken: set BANCO_PORT to another one.`)
  const passcode = await newPasscode()
  const scheme = cert ? 'https' : 'http'
  const [first] = addresses
  const hosts = [process.env.BANCO_HOSTS, ...addresses].filter(Boolean).join(',')
  return {
    env: {
      BANCO_NETWORK: addresses.join(','),
      BANCO_HOSTS: hosts,
      BANCO_PASSCODE: passcode,
      ...(cert && { BANCO_CERT: cert, BANCO_KEY: key }),
      ...(token && { BANCO_FEED_TOKEN: token }),
    },
    says: [
      await picture(`${scheme}://${first}:${PORT}/pair#${passcode.replaceAll(' ', '-')}`),
      `For phones: ${addresses.map((address) => `${scheme}://${address}:${PORT}`).join('  ')}`,
      `The passcode: ${passcode}`,
      ...(cert
        ? []
        : [
            'Nothing is encrypted on the way: a stranger who listens on the same network could read golfers and shots,',
            'and act as a phone that is paired. Give a certificate with --cert FILE --key FILE to keep them out.',
          ]),
    ],
  }
}

function checkCertificate(cert, key) {
  try {
    createSecureContext({ cert: readFileSync(cert), key: readFileSync(key) })
  } catch (error) {
    stop(
      `The certificate and its key cannot be used: ${error.message}. Give two PEM files that belong together.`,
    )
  }
}

async function newPasscode() {
  const { register } = await import('tsx/esm/api')
  const unregister = register()
  const { passcodeFrom, PASSCODE_BYTES } = await import('../src/http/gateway/passcode.ts')
  await unregister()
  return passcodeFrom(randomBytes(PASSCODE_BYTES))
}

async function picture(text) {
  const { default: QRCode } = await import('qrcode')
  return QRCode.toString(text, { type: 'terminal', small: true, errorCorrectionLevel: 'L' })
}
