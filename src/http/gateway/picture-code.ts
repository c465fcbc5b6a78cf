import QRCode from 'qrcode'

/** A text as a picture that a phone's camera reads: SVG, as the address of an image. */
export async function pictureCode(text: string): Promise<string> {
  const svg = await QRCode.toString(text, { type: 'svg', errorCorrectionLevel: 'M', margin: 2 })
  return `data:image/svg+xml;base64,${Buffer.from(svg).toString('base64')}`
}
