import type { OfflineCard } from '@/core/course/offline-card'

const ESCAPES: Record<string, string> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&#39;',
}
const text = (raw: string): string => raw.replace(/[&<>"']/g, (letter) => ESCAPES[letter] as string)
/** JSON that ends no script and begins no comment, whatever stands in it. */
const json = (value: object): string => JSON.stringify(value).replace(/</g, '\\u003c')

const STYLE = `:root{color-scheme:light;--ink:#131b3a;--quiet:#565d78;--dye:#20349b;--hair:#d5dae6;--warn:#a93412}
*{box-sizing:border-box}body{margin:0;padding:14px;font:16px/1.4 system-ui,sans-serif;color:var(--ink);background:#fff;max-width:640px}
h1{font-size:22px;margin:0 0 4px}h2{font-size:19px;margin:18px 0 6px}p{margin:4px 0}.quiet,small{color:var(--quiet)}
#age{color:var(--warn);font-weight:600}.rule{border-left:3px solid var(--dye);padding-left:10px;margin:10px 0}
label{display:grid;gap:2px;font-size:14px}label.tick{display:flex;align-items:center;gap:8px;min-height:44px;font-size:16px}
input,select{font:inherit;width:100%;min-height:44px;padding:6px 8px;border:1px solid var(--quiet);border-radius:3px;background:#fff;color:inherit}
input[type=checkbox]{width:24px;min-height:24px}#left{font-size:26px;font-weight:700}
form,.more{display:grid;gap:10px;grid-template-columns:1fr 1fr}.whole{grid-column:1/-1}summary{min-height:44px;padding:10px 0}
ol{list-style:none;margin:0;padding:0}li{display:grid;grid-template-columns:1fr auto;gap:2px 10px;padding:9px 0;border-top:1px solid var(--hair)}
li b{font-size:18px}li span{font-size:18px;font-weight:700}li small{grid-column:1/-1}
table{border-collapse:collapse;width:100%;font-variant-numeric:tabular-nums}td,th{padding:6px 4px;text-align:right;border-bottom:1px solid var(--hair)}
th:first-child,td:first-child{text-align:left}td{white-space:nowrap}td:nth-child(2){font-weight:700;font-size:18px}`

const field = (id: string, name: string, more = ''): string =>
  `<label>${text(name)}<input id="${id}" inputmode="decimal" autocomplete="off"${more}></label>`
const choice = (id: string, name: string, options = ''): string =>
  `<label>${text(name)}<select id="${id}">${options}</select></label>`

/**
 * The card, the day and the number picker as one file, which opens without Banco and without a network.
 * @param script the picker's program; it reads its data from the page
 */
export function offlineCardHtml(taken: OfflineCard, script: string): string {
  const { title, notes, card, units, shots } = taken
  const unit = units.lengthUnit
  const rows = card.lines.map((cells) => `<tr>${cells.map((cell) => `<td>${text(cell)}</td>`).join('')}</tr>`)
  const picker = `<section id="number"><h2 id="finding">How far is it?</h2><form onsubmit="return false">
<div class="whole">${field('left', `I have, ${unit}`)}</div>
<details class="whole"><summary>Water, green, wind, height</summary><div class="more">
<label class="tick"><input type="checkbox" id="tee">from a tee</label><label class="tick"><input type="checkbox" id="rest">to where it rests</label>
${choice('over-kind', 'To carry')}${field('over', `it ends at, ${unit}`)}
${field('front', `Green: front, ${unit}`)}${field('back', `back, ${unit}`)}
<div class="whole">${field('wide', `half its width, ${unit}`)}</div>
${choice('behind-kind', 'Behind')}${field('behind', `it begins at, ${unit}`)}
<div class="whole">${field('height', `The target is higher by, ${unit === 'yd' ? 'ft' : 'm'} (− lower)`)}</div>
${field('wind', `Wind, ${units.speedUnit}`)}${choice('along', 'It blows', '<option value="against">against</option><option value="with">with</option>')}
</div></details>
</form><ol id="answer" aria-live="polite"></ol></section>`
  return `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width,initial-scale=1">
<meta http-equiv="Content-Security-Policy" content="default-src 'none'; script-src 'unsafe-inline'; style-src 'unsafe-inline'">
<title>${text(title)}</title><style>${STYLE}</style></head><body>
<h1>${text(title)}</h1>${notes.map((note) => `<p class="quiet">${text(note)}</p>`).join('')}
${
  shots.length > 0
    ? `<p id="age" role="status"></p><p class="rule">In a competition round take the plain card: under Rule 4.3 a device may give distance, but not measure slope or wind, nor advise a club. Local rules decide.</p>${picker}`
    : ''
}
<h2>The card</h2><table><thead><tr>${card.head.map((cell) => `<th>${text(cell)}</th>`).join('')}</tr></thead><tbody>${rows.join('')}</tbody></table>
${
  shots.length > 0
    ? `<script type="application/json" id="taken">${json(taken)}</script>
<script>${script}</script>`
    : ''
}</body></html>
`
}
