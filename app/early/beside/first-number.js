/**
 * Writes a number and a day as the page will: the first time, the browser fetches what it knows of languages. Beside
 * the page, that keeps nobody waiting.
 */
new Intl.NumberFormat(navigator.language).format(1)
new Intl.DateTimeFormat(navigator.language, { dateStyle: 'medium', timeStyle: 'short' }).format(0)
close()
