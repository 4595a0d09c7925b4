/** Asks over https whether this phone trusts the certificate: an answer of any kind means that it does. */
const { secure, words } = JSON.parse(document.getElementById('trust').textContent)
const state = document.getElementById('state')
const open = document.getElementById('open')

async function check() {
  state.textContent = words.checking
  try {
    await fetch(`${secure}/api/health`, { mode: 'no-cors', cache: 'no-store' })
    state.textContent = words.trusted
    open.hidden = false
  } catch {
    state.textContent = words.notYet
    open.hidden = true
  }
}
document.getElementById('check').addEventListener('click', () => void check())
// Who comes back from the settings sees at once whether it helped.
document.addEventListener('visibilitychange', () => {
  if (document.visibilityState === 'visible') void check()
})
void check()
