/** Home is the question. Told here, before a page is begun; `app/pages/index.vue` does it within the application. */
export default defineEventHandler(event => sendRedirect(event, '/bench/choose'))
