export type { Bake, House } from './bake'
export { cardOf } from './card'
export { jsonLdOf } from './jsonld'
export type { BackupReading } from './backup'

/** The backup file brings a validator with it, so it is loaded only when a file is read or written. */
export const backup = () => import('./backup')
