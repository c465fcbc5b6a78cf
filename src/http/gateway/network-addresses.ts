/** Where phones of the network open Banco; none where it is on this machine alone. */
export function networkAddresses(): string[] {
  const { BANCO_NETWORK, BANCO_PORT, BANCO_CERT } = process.env
  const scheme = BANCO_CERT ? 'https' : 'http'
  return (BANCO_NETWORK ?? '')
    .split(',')
    .filter(Boolean)
    .map((address) => `${scheme}://${address}:${BANCO_PORT}`)
}
