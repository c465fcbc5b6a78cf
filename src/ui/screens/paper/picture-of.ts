import { INK_TOKEN } from '../../shared/drawing/inks'

/** Properties that a drawing inherits from the page, besides the colours of the theme. */
const INHERITED = ['font-family', 'font-stretch', 'font-variant-numeric']

/**
 * A drawing on the page as a PNG. An image cannot use the page's colours and fonts, so they are copied into its SVG.
 * @param sharpness pixels of the picture for each pixel of the drawing
 */
export async function pictureOf(svg: SVGSVGElement, sharpness: number): Promise<Blob | null> {
  const style = getComputedStyle(svg)
  const copy = svg.cloneNode(true) as SVGSVGElement
  for (const name of INHERITED) copy.style.setProperty(name, style.getPropertyValue(name))
  for (const token of Object.values(INK_TOKEN)) copy.style.setProperty(token, style.getPropertyValue(token))
  const fonts = copy.insertBefore(document.createElementNS(svg.namespaceURI, 'style'), copy.firstChild)
  fonts.textContent = (await fontRules()).join('\n')

  const image = new Image()
  image.src = `data:image/svg+xml,${encodeURIComponent(new XMLSerializer().serializeToString(copy))}`
  await image.decode()
  const { width, height } = svg.viewBox.baseVal
  const canvas = Object.assign(document.createElement('canvas'), {
    width: width * sharpness,
    height: height * sharpness,
  })
  const context = canvas.getContext('2d')
  if (!context) return null
  context.fillStyle = '#fff'
  context.fillRect(0, 0, canvas.width, canvas.height)
  context.drawImage(image, 0, 0, canvas.width, canvas.height)
  return new Promise((resolve) => canvas.toBlob(resolve))
}

/** The loaded fonts of this page, as CSS rules with their files inside. */
async function fontRules(): Promise<string[]> {
  await document.fonts.ready
  const loaded = [...document.fonts].filter(({ status }) => status === 'loaded')
  const rules = [...document.styleSheets].flatMap((sheet) =>
    [...sheet.cssRules].filter(
      (rule): rule is CSSFontFaceRule =>
        rule instanceof CSSFontFaceRule &&
        loaded.some(({ unicodeRange }) => unicodeRange === rule.style.getPropertyValue('unicode-range')),
    ),
  )
  return Promise.all(
    rules.map(async (rule) => {
      const source = /url\("?([^")]+)"?\)/.exec(rule.style.getPropertyValue('src'))?.[1] ?? ''
      const url = new URL(source, rule.parentStyleSheet?.href ?? location.href)
      // Without this file the picture has a font of the system.
      const file = await fetch(url).catch(() => null)
      return file?.ok ? rule.cssText.replace(source, await dataUrl(await file.blob())) : ''
    }),
  )
}

const dataUrl = (file: Blob): Promise<string> =>
  new Promise((resolve, reject) => {
    const reader = new FileReader()
    reader.onload = () => resolve(reader.result as string)
    reader.onerror = () => reject(reader.error ?? new Error('the font could not be read'))
    reader.readAsDataURL(file)
  })
