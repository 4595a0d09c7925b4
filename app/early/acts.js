/**
 * A page that came drawn from the server can be read, clicked and typed into before its scripts are there. What is done
 * until then is kept by this script, which stands in the page itself, and done once it is alive: nothing is lost, and
 * nothing is done twice, since what a button would have done meanwhile (sending a form, say) is held back.
 */
{
  const acts = []
  /** How a button stands, which a press changes (as in `WhenNear`). */
  const standing = button =>
    ['aria-expanded', 'aria-pressed', 'aria-checked'].map(name => button.getAttribute(name)).join()
  const clicked = event => {
    const button = event.target instanceof Element ? event.target.closest('button') : null
    if (!button) return
    event.preventDefault()
    event.stopImmediatePropagation()
    const was = standing(button)
    // One that stands otherwise by then (as it was left on this device) stands as was asked for.
    acts.push(() => button.isConnected && standing(button) === was && button.click())
  }
  const typed = ({ target: field }) => {
    const ticked = field.type === 'checkbox' || field.type === 'radio'
    const now = ticked ? field.checked : field.value
    acts.push(() => {
      if (!field.isConnected) return
      // A chosen file stays chosen, and can't be set.
      if (field.type !== 'file') field[ticked ? 'checked' : 'value'] = now
      field.dispatchEvent(new Event(ticked || field.type === 'file' ? 'change' : 'input', { bubbles: true }))
    })
  }
  addEventListener('click', clicked, true)
  addEventListener('input', typed, true)
  /** Called when the page is alive. */
  window.hushAlive = () => {
    removeEventListener('click', clicked, true)
    removeEventListener('input', typed, true)
    document.documentElement.dataset.alive = ''
    for (const act of acts.splice(0)) act()
  }
}
