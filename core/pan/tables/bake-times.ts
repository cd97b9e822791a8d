/**
 * Minutes that a kind of tin or dessert bakes at 150–210 °C, wide enough for every ordinary recipe [P]: a time outside is
 * asked about. The first row whose sign the tin or, failing that, the title has, counts.
 */
export const bakeTimeRows: readonly { readonly sign: RegExp; readonly name: string; readonly minutes: readonly [number, number] }[] = [
  { sign: /\b(?:mini[\s-]*(?:muffin|cupcake)|petit)/iu, name: 'mini muffins', minutes: [7, 20] },
  { sign: /\b(?:muffins?|cupcakes?|fairy\s+cakes?|bun\s+tins?|paper\s+cases)\b/iu, name: 'muffins or cupcakes', minutes: [10, 38] },
  { sign: /\b(?:loaf|loaves)\b/iu, name: 'a loaf', minutes: [25, 110] },
  { sign: /\b(?:ring\s+(?:cake|tin|mould|mold|pan)|tube\s+pan|kugelhopf)\b/iu, name: 'a ring', minutes: [22, 90] },
  { sign: /\b(?:meringues?|pavlova|macaroons?)\b/iu, name: 'a meringue', minutes: [10, 200] },
  { sign: /\b(?:cookies?|biscuits?|shortbread\s+rounds|snaps|macarons?)\b/iu, name: 'cookies', minutes: [5, 40] },
  { sign: /\b(?:scones?|rolls?|buns?)\b/iu, name: 'scones or rolls', minutes: [8, 40] },
  { sign: /\b(?:traybake|sheet|slab|brownies?|blondies?|squares?|slices?|bars?)\b/iu, name: 'a tray', minutes: [10, 75] },
  { sign: /\b(?:round|spring-?form|sandwich|cake)\b/iu, name: 'a cake', minutes: [12, 150] },
]
