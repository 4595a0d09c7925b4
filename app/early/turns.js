/**
 * The page's scripts are read one after the other, each in a task of its own: read in one go, with all that they need,
 * they would keep a slow device from hearing a click. The application waits until the last one is read
 * (app/plugins/scripts-read.client.ts).
 */
// Ready by the time that the page writes its first number.
new Worker('/early/first-number.js')
let read
window.hushRead = new Promise(resolve => (read = resolve))
for (const script of JSON.parse(document.getElementById('scripts-in-order').textContent)) {
  // One that does not come is asked for again by whoever needs it, who says so.
  await import(script).catch(() => {})
  // By a message: a page that is opened in the background would be given a timer a second.
  await new Promise(resolve => {
    const { port1, port2 } = new MessageChannel()
    port1.onmessage = resolve
    port2.postMessage(undefined)
  })
}
read()
