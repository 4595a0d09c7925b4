/** Tells with which certificate this copy speaks https, and how another device knows it; makes it if need be. */
import { X509Certificate } from 'node:crypto'
import { join } from 'node:path'
import { clusterFolder } from '../database/cluster'
import { ensureCertificate, fingerprint, ownCertificate } from '../https/certificate'
import { messageOf, root } from '../root'

try {
  const folder = join(clusterFolder(root), 'certificates')
  const own = ownCertificate()
  const { certificate, authority } = own ?? (await ensureCertificate(folder, line => console.error(line)))
  const { subjectAltName, validTo } = new X509Certificate(certificate)
  console.log(`Names: ${subjectAltName ?? ''}`)
  console.log(`Valid until ${new Date(validTo).toISOString().slice(0, 10)}${own ? '' : '; renewed by itself'}`)
  console.log(authority ? `Authority: ${join(folder, 'authority.crt')}` : 'Given by HUSH_CERT')
  if (authority) console.log(`Its fingerprint (SHA-256): ${fingerprint(authority)}`)
} catch (error) {
  console.error(messageOf(error))
  process.exit(1)
}
