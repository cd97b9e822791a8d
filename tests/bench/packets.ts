import { groupsOf, readPacket } from '#core'
import { scorePackets, statementShares } from '../corpus/score-packets.mjs'
import { packetProbes, packetProbesAside } from '../corpus/tables/packet-probes'
import { packetProse, packetProseAside } from '../corpus/tables/packet-prose'
import { packetStatements } from '../corpus/tables/packet-statements'

type Score = ReturnType<typeof scorePackets>

const share = (part: number, whole: number) => `${((100 * part) / whole).toFixed(1)} %`
const says = ({ of, expected, missed, said, falsely, blocked, clear }: Score) =>
  `clear though it holds ${clear}, missed ${share(missed, expected)} of ${expected}, falsely said ` +
  `${share(falsely, said)} of ${said}, blocked by harmless words ${share(blocked, of)} of ${of}`

/** What the bench prints of packets: both corpora with both shares, and what is wrong in the open ones. */
export function packetRows(): string[] {
  const both = [
    { name: 'packet statements', ...statementShares(packetStatements) },
    { name: 'packet probes', open: packetProbes, aside: packetProbesAside },
  ]
  const blocked = (rows: readonly string[]) => {
    const of = rows.filter(text => readPacket(text).unknownWords.length > 0).length
    return `blocked by harmless words ${share(of, rows.length)} of ${rows.length}`
  }
  const told = [
    `${'packets with all they say'.padEnd(32)}open: ${blocked(packetProse)}`,
    `${''.padEnd(32)}aside: ${blocked(packetProseAside)}`,
  ]
  const rows = both.flatMap(({ name, open, aside }) => {
    const [seen, unseen] = [open, aside].map(rows => scorePackets(rows, { readPacket, groupsOf }))
    return [
      `${name.padEnd(32)}open: ${says(seen!)}`,
      `${''.padEnd(32)}aside: ${says(unseen!)}`,
      ...seen!.wrong.map(
        (row: Score['wrong'][number]) => `  ${row.text.slice(0, 70)}: ${row.says.join('; ')}`,
      ),
    ]
  })
  return [...rows, ...told]
}
