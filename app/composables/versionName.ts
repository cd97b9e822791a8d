import type { Version } from '#core/trial'

/** What a version is called: an arm by its letter and what it tries. */
export const versionName = (version: Version) =>
  version.kind === 'arm' ? `${version.label}: ${version.says}` : version.label
