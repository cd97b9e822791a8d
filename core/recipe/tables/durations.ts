import { pattern } from '../../measure'

/** How recipes tell how long something takes. Each pattern is asked at one place of a text. [P] */

/** A unit of time, in English, German and French. */
export const unitAt = pattern(
  'iuy',
  String.raw`\s*-?\s*(?:(?:good|full|whole|scant|generous|further|more|extra)\s+)?`,
  String.raw`(seconds?|secs?|minutes?|minuten|mins?|min\.|hours?|hrs?|hr|stunden?|std\.?|heures?|h|days?|weeks?|wochen?|semaines?|months?|monate?n?|mois|`,
  String.raw`tage?n?|jours?|['′’](?![\p{L}\d]))(?![\p{L}])`,
)

/** "three-quarters of an hour", "half an hour", "a quarter of an hour". */
export const partOfHour = pattern('iuy', String.raw`(?:(three)[\s-]quarters?|(half)|(?:an?\s+|one\s+)?(quarter|`, String.raw`third))\s+(?:of\s+)?(?:an?\s+)?hours?(?![\p{L}])`)
/** What an hour has more: "and a quarter", "and three quarters", "20 minutes", "h30", "hr 15". */
export const moreThanHour = pattern(
  'iuy',
  String.raw`\s*(?:and\s+|,\s*)?(?:(?:(an?|one|three)[\s-]+)?(half|quarter|`,
  String.raw`third)s?(?:\s+of\s+an\s+hour)?(?![\p{L}])|`,
  String.raw`(\d{1,2})\s*(?:minutes?|mins?|m)(?![\p{L}])|(\d{2})(?![\d.,]|\s*(?:°|º|g\b|cm|ml|C\b|F\b|-|–)))`,
)
/** Between the lower and the upper time: ", or up to", "possibly". */
export const joins = pattern('iuy', String.raw`\s*(minutes?|mins?|hours?|hrs?)?\s*,?\s*(?:(?:or\s+|and\s+)?up\s+to|(?:or\s+)?(?:even|`, String.raw`possibly|perhaps))\s+`)
