/**
 * The endings by which a language writes one word in another number, gender or case, without marks: "gesalzen" and "gesalzene",
 * "tostado" and "tostadas". Only what follows a stem of at least `shortestStem` letters counts. [U] school grammars
 */
export const endings: readonly (readonly string[])[] = [
  ['', 'e', 's', 'es', 'ed', 'ing'],
  ['', 'e', 'er', 'es', 'en', 'em', 'ere', 'eren', 'n', 's', 't', 'st'],
  ['', 'e', 'en', 's'],
  ['', 'e', 's', 'es', 'r', 'z', 'er', 'ez', 'ee', 'ees'],
  ['ir', 'i', 'is', 'ie', 'ies', 'issez'],
  ['re', 'ez', 'u', 'us', 'ue', 'ues'],
  ['al', 'ale', 'aux', 'ales'],
  ['eux', 'euse', 'euses'],
  ['if', 'ive', 'ifs', 'ives'],
  ['o', 'a', 'i', 'e'],
  ['co', 'ca', 'ci', 'chi', 'che'],
  ['go', 'ga', 'ghi', 'ghe'],
  ['o', 'a', 'os', 'as', 'ar', 'ado', 'ada', 'ados', 'adas', 'ando', 'e', 'amos'],
  ['er', 'ir', 'ido', 'ida', 'idos', 'idas', 'iendo', 'endo'],
  ['are', 'ato', 'ata', 'ati', 'ate', 'ando'],
  ['ere', 'ire', 'ito', 'ita', 'iti', 'ite', 'uto', 'uta', 'uti', 'ute'],
  ['', 'a', 's', 'es', 'as'],
  ['or', 'ora', 'ores', 'oras'],
  ['al', 'ais', 'ales'],
  ['ao', 'oes', 'aos'],
]

/** Shorter stems are shared by words that have nothing to do with each other: "pan" and "pane". */
export const shortestStem = 5
