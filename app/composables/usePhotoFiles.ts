/**
 * What the photo reader is made of; kept by the service worker, so that a card can be read without
 * a network too.
 */
const files = [
  'worker.min.js',
  'tesseract-core-lstm.wasm.js',
  'tesseract-core-simd-lstm.wasm.js',
  'tesseract-core-relaxedsimd-lstm.wasm.js',
  'eng.traineddata.gz',
  'zxing_reader.wasm',
].map(name => `/ocr/${name}`)
const cacheName = 'photo-reader'

/**
 * Is the photo reader on this device? `saves`: not fetched by itself, since the device saves data;
 * `cannot`: this browser keeps no files for a page.
 */
type PhotoFiles = 'unknown' | 'fetching' | 'here' | 'saves' | 'cannot' | 'failed'
const state = ref<PhotoFiles>('unknown')

const missing = async () => {
  const cache = await caches.open(cacheName)
  const found = await Promise.all(files.map(file => cache.match(file)))
  return files.filter((_, i) => !found[i])
}
async function fetchThem() {
  state.value = 'fetching'
  try {
    const cache = await caches.open(cacheName)
    for (const file of await missing()) await cache.add(file)
    state.value = 'here'
  } catch {
    state.value = 'failed'
  }
}
async function look() {
  if (state.value === 'fetching' || state.value === 'here') return
  if (!navigator.serviceWorker || typeof caches === 'undefined') {
    state.value = 'cannot'
    return
  }
  // On the first visit the service worker is still on its way.
  await navigator.serviceWorker.ready
  if (!(await missing()).length) state.value = 'here'
  else if ((navigator as { connection?: { saveData?: boolean } }).connection?.saveData)
    state.value = 'saves'
  else await fetchThem()
}

/** Fetches the photo reader in a quiet moment, from the first visit on. */
export function usePhotoFiles() {
  const { photoReaderBytes } = useRuntimeConfig().public
  const megabytes = (Number(photoReaderBytes) / 1e6).toFixed(0)
  onMounted(() => {
    setTimeout(() => {
      void look().catch(() => {
        state.value = 'failed'
      })
    }, 3000)
  })
  return { state: readonly(state), megabytes, fetchThem }
}

/** Why a photo cannot be read now, where the reader is not on this device; '' where it is. */
export const photoReaderAway = (): string =>
  navigator.onLine || state.value === 'here'
    ? ''
    : 'The photo reader is not on this device yet, and there is no network to fetch it by. ' +
      'Type it, or try again later.'
