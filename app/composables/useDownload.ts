/**
 * Hands a text to the reader as a file. The address is given back later, since some browsers read
 * it after the click.
 */
export function useDownload() {
  return (name: string, text: string, type: string) => {
    const url = URL.createObjectURL(new Blob([text], { type }))
    const link = document.createElement('a')
    link.href = url
    link.download = name
    link.click()
    setTimeout(() => URL.revokeObjectURL(url), 60_000)
  }
}

export const fileName = (title: string, ending: string) =>
  `${
    title
      .toLowerCase()
      .normalize('NFD')
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '')
      .slice(0, 60) || 'bake'
  }.${ending}`
