const STYLE = `
body { margin: 0; background: #edf0f6; color: #131b3a; font: 17px/1.4 system-ui, sans-serif; }
header { background: #17256f; color: #fff; font-weight: 800; font-size: 21px; padding: 12px 20px; }
main { max-width: 440px; padding: 20px; }
h1 { font-size: 24px; margin: 0 0 8px; }
a { color: #20349b; }
label { display: block; margin: 16px 0 4px; font-weight: 600; }
input { font: inherit; width: 100%; box-sizing: border-box; min-height: 48px; padding: 4px 10px; border: 1px solid #5f6785; border-radius: 3px; }
button { font: inherit; font-weight: 600; margin-top: 14px; min-height: 48px; padding: 0 20px; color: #fff; background: #20349b; border: 0; border-radius: 3px; }
:focus-visible { outline: 3px solid #20349b; outline-offset: 2px; }
[role=alert] { color: #a93412; font-weight: 600; min-height: 1.4em; }
`
const head = (nonce: string, title: string): string => `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>${title}</title>
<style nonce="${nonce}">${STYLE}</style>
</head>
<body>
<header>Banco</header>
`

/** What a phone gets that is paired for one Bay and asks for something else. */
export const bayOnlyPage =
  (bay: string) =>
  (nonce: string): string => `${head(nonce, 'Only the Bay')}<main>
<h1>This phone has the Bay alone</h1>
<p>It was paired for one golfer’s Bay. <a href="${bay}">Back to the Bay</a></p>
</main>
</body>
</html>
`

/** The one page that a stranger gets: it asks for the passcode, and knows nothing else. */
export const pairPage = (nonce: string): string => `${head(nonce, 'Pair with Banco')}<main>
<h1>Pair this phone</h1>
<p>The passcode stands where Banco was started and on its desk, as five words.</p>
<form>
<label for="words">Passcode</label>
<input id="words" autocomplete="off" autocapitalize="none" spellcheck="false" aria-describedby="wrong" required>
<p id="wrong" role="alert"></p>
<button>Pair it</button>
</form>
</main>
<script nonce="${nonce}">
const form = document.querySelector('form')
const words = document.getElementById('words')
const wrong = document.getElementById('wrong')
async function pair() {
  wrong.textContent = ''
  try {
    const answer = await fetch('/api/pair', { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify({ words: words.value }) })
    const said = await answer.json()
    if (answer.ok) location.replace(said.to)
    else wrong.textContent = said.problems[0].sentence
  } catch {
    wrong.textContent = 'Banco does not answer: see whether it runs, and whether this phone is on its network.'
  }
}
form.addEventListener('submit', (event) => { event.preventDefault(); pair() })
// The picture code carries the passcode behind the address, where no server and no log sees it.
if (location.hash.length > 1) {
  words.value = decodeURIComponent(location.hash.slice(1)).replaceAll('-', ' ')
  history.replaceState(null, '', location.pathname)
  pair()
}
</script>
</body>
</html>
`
