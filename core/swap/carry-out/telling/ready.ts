import { weightText } from '../../../measure'
import { sayRestTime } from '../../../recipe'
import { listed } from '../../leaving'

/** "For the flax gel: 15 g ground flax and 79 g water. Stir the ground flax into the water …" */
export function readyFirst(
  name: string,
  things: readonly { readonly grams: number; readonly name: string }[],
  prepare: string,
  restMinutes: number | null,
): string {
  const [only] = things
  if (things.length === 1 && only)
    return (
      `${name.charAt(0).toUpperCase()}${name.slice(1)}, ${weightText(only.grams)}: ` +
      `${prepare.charAt(0).toLowerCase()}${prepare.slice(1)}` +
      (restMinutes ? ` Rest it for ${sayRestTime(restMinutes)}.` : '')
    )
  return (
    `For the ${name}: ${listed(things.map(t => `${weightText(t.grams)} ${t.name}`))}. ` +
    `${prepare}${restMinutes ? ` Rest it for ${sayRestTime(restMinutes)}.` : ''}`
  )
}
