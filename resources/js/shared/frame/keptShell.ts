/** The page and the open board stay in the browser for a reload without a server; see docs/decisions/0042. */
export function keepShell() {
  if (!('serviceWorker' in navigator) || import.meta.env.DEV) return
  // Not worth a word where a browser does not want it: everything works without.
  navigator.serviceWorker.register('/sw.js').catch(() => undefined)
}

/** Somebody signed out. */
export function forgetBoard() {
  navigator.serviceWorker?.controller?.postMessage('forget')
}
