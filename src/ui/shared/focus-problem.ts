const FIELDS = 'input, select, textarea'

/** Brings the first problem of a page into view, with the focus in the field that it is about. */
export function focusProblem(): void {
  const alert = document.querySelector('.problem[role="alert"], [role="alert"]:has(> .problem)')
  if (!alert) return
  const field =
    (alert.id && document.querySelector<HTMLElement>(`[aria-describedby~="${CSS.escape(alert.id)}"]`)) ||
    alert.parentElement?.querySelector<HTMLElement>(FIELDS)
  field?.focus({ preventScroll: true })
  const seen = field ?? alert
  seen.scrollIntoView({ block: 'center' })
}
