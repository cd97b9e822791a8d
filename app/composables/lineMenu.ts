interface LineActs {
  readonly edit: () => unknown
  readonly below: () => unknown
  readonly split: (at: number) => unknown
  readonly join: () => unknown
  readonly move: (by: 1 | -1) => unknown
  readonly remove: () => unknown
}

/** Where a split without a cursor falls: before "and", "plus" or a second amount; -1: nowhere. */
const splitAt = (text: string) => text.search(/\s(?:and|plus|\+|&|with)\s|[,;]\s+(?=\d|[½¼¾])/iu)

/** What one may do with a line of the ledger, as a menu. */
export function lineMenu(text: string, act: LineActs) {
  const at = splitAt(text)
  const row = (label: string, icon: string, onSelect: () => unknown, disabled = false) => ({
    label,
    icon: `i-lucide-${icon}`,
    disabled,
    onSelect: () => void onSelect(),
  })
  return [
    [
      row('Correct', 'pencil', act.edit),
      row('New line below', 'plus', act.below),
      row('Part in two', 'scissors', () => act.split(at), at < 0),
      row('Join with the line above', 'merge', act.join),
    ],
    [
      row('Move up', 'arrow-up', () => act.move(-1)),
      row('Move down', 'arrow-down', () => act.move(1)),
    ],
    [row('Take out', 'trash-2', act.remove)],
  ]
}
