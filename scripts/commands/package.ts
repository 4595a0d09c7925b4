/** `npm run package`: a Debian package of this version, in `dist/`. */
import { join } from 'node:path'
import { buildPackage } from '../package/debian'
import { messageOf, root } from '../root'

try {
  const file = await buildPackage(root, join(root, 'dist'), line => console.error(line))
  console.log(`${file}\nInstall it with: apt install ${file}`)
} catch (error) {
  console.error(messageOf(error))
  process.exit(1)
}
