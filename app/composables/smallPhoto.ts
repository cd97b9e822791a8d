const longest = 1280

/** A photo as a data address that is small enough to be kept by the dozen. Refuses what is no picture. */
export async function smallPhoto(file: Blob): Promise<string> {
  const image = await createImageBitmap(file)
  const by = Math.min(1, longest / Math.max(image.width, image.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.round(image.width * by)
  canvas.height = Math.round(image.height * by)
  canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height)
  image.close()
  return canvas.toDataURL('image/jpeg', 0.78)
}
