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

/** Fetches the photo reader's files in a quiet moment, unless this device saves data or has them already. */
export function usePhotoFiles() {
  const fetchThem = async () => {
    if (
      (navigator as { connection?: { saveData?: boolean } }).connection?.saveData ||
      !navigator.serviceWorker?.controller
    )
      return
    const cache = await caches.open(cacheName)
    for (const file of files) if (!(await cache.match(file))) await cache.add(file)
  }
  onMounted(() => {
    setTimeout(() => {
      void fetchThem().catch(() => undefined)
    }, 3000)
  })
}
