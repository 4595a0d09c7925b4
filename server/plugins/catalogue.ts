import { know } from '../../core/catalogue/known'
import { DEMONSTRATIONS } from '../../core/catalogue/everything'

/** Every demonstration is at hand before the first request: what is sent is read at once. */
export default defineNitroPlugin(() => {
  know(DEMONSTRATIONS)
})
