/**
 * The demo household as open files: its people, their groups and packets, and its recipes as the
 * plain texts that somebody would paste.
 */
export default defineEventHandler(async () => {
  const files = useStorage('assets:demo')
  const keys = await files.getKeys()
  const names = keys.filter(key => key.endsWith('.txt')).sort()
  const recipes = await Promise.all(names.map(async key => String(await files.getItem(key))))
  const [people, groups, packets] = await Promise.all(
    ['people.json', 'groups.json', 'packets.json'].map(name => files.getItem(name)),
  )
  return { people, groups, packets, recipes }
})
