/** While a page is worked out; it shows after a moment, so that a quick page does not flicker. */
export default function Loading() {
  return (
    <p className="quiet loading" aria-busy="true">
      Working it out…
    </p>
  )
}
