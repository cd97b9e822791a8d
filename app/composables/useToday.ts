/**
 * The day of this device, as ISO (2026-01-31): packets are read, and cards made, on days of the
 * kitchen, not of Greenwich.
 */
export const today = (): string => {
  const now = new Date()
  return (
    `${now.getFullYear()}-` +
    String(now.getMonth() + 1).padStart(2, '0') +
    '-' +
    String(now.getDate()).padStart(2, '0')
  )
}
/** An ISO day as people say it. */
export const sayDay = (day: string): string =>
  day
    ? new Date(`${day}T12:00:00`).toLocaleDateString(undefined, {
        day: 'numeric',
        month: 'short',
        year: 'numeric',
      })
    : ''
