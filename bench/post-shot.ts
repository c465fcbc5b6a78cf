/** Posts a shot as a launch monitor does. */
export const postShot = (address: string, id: string, carryYd = 150): Promise<Response> =>
  fetch(`${address}/api/feed/shots`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ id, units: { length: 'yd', speed: 'mph' }, carry: carryYd, ballSpeed: 105 }),
  })
