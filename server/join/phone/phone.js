if (matchMedia('(prefers-color-scheme: dark)').matches) document.documentElement.classList.add('dark')
const words = JSON.parse(document.querySelector('#words').textContent)
const say = (text, mine) => words[text].replace('{mine}', mine)
const form = document.querySelector('form[data-code]')
if (form) {
  const state = document.querySelector('#state')
  const ask = (method, body) =>
    fetch('/api/join/' + form.dataset.code, {
      method,
      headers: { 'content-type': 'application/json' },
      body: body && JSON.stringify(body),
    })
  const show = round => {
    for (const input of form.elements) input.disabled = !round.open
    const mine = [...form.querySelectorAll('input')].find(i => i.value === round.mine)
    if (mine) mine.checked = true
    state.className = ''
    form.hidden = round.revealed
    if (round.revealed) {
      const rows = [...form.querySelectorAll('input')]
        .map(i => '<tr><th>' + i.dataset.name + '</th><td>' + (round.counts[i.value] || 0) + '</td></tr>')
        .join('')
      state.innerHTML =
        '<h2></h2><p></p><div></div><p>' + say('What the room expected:') + '</p><table>' + rows + '</table>'
      const [head, why, drawing] = ['h2', 'p', 'div'].map(tag => state.querySelector(tag))
      if (round.told) {
        head.textContent = round.told.happened
        why.textContent = round.told.why || ''
        drawing.innerHTML = round.told.drawing || ''
      } else [head, why, drawing].forEach(part => part.remove())
    } else
      state.textContent = round.open
        ? mine
          ? say('Your vote counts: {mine}. You can change it until the vote is closed.', mine.dataset.text)
          : say('Choose one.')
        : mine
          ? say('Closed. You expected: {mine}. Watch!', mine.dataset.text)
          : say('The vote is closed. Watch!')
  }
  const look = async () => {
    try {
      const answer = await ask('GET')
      if (answer.ok) show(await answer.json())
    } catch {
      state.className = 'fault'
      state.textContent = say('No connection just now; your vote stays as it was. Trying again…')
    }
  }
  form.addEventListener('change', async event => {
    try {
      const answer = await ask('POST', { outcome: event.target.value })
      if (answer.ok) return show(await answer.json())
      await look()
      if (answer.status !== 409) {
        state.className = 'fault'
        state.textContent = say('That did not count: load this page again and choose once more.')
      }
    } catch {
      state.className = 'fault'
      state.textContent = say('No connection: that did not count yet. Choose once more in a moment.')
      event.target.checked = false
    }
  })
  void look()
  setInterval(() => void look(), 3000)
}
