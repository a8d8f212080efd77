import * as words from '@words/finish'

/** Why a photo cannot be taken, found out before it is sent; null when it can. */
export async function whyNot(file: File, limits: { megabytes: number; megapixels: number }): Promise<string | null> {
    if (file.size > limits.megabytes * 1024 * 1024) {
        return words.thisPhotoIsLargerThanMBChooseASmaller(limits.megabytes)
    }
    const pixels = await pixelsOf(file)
    if (pixels === null) return words.thisIsNotAPhotoThatCanBeReadChooseA
    return pixels > limits.megapixels * 1_000_000
        ? words.thisPhotoHasMoreThanMegapixelsChooseA(limits.megapixels)
        : null
}

/** Its size by its head: a browser knows it once the file is loaded, and decodes only what it paints. */
export function pixelsOf(file: File): Promise<number | null> {
    const url = URL.createObjectURL(file)
    return new Promise<number | null>((resolve) => {
        const image = new Image()
        image.onload = () => resolve(image.naturalWidth * image.naturalHeight)
        image.onerror = () => resolve(null)
        image.src = url
    }).finally(() => URL.revokeObjectURL(url))
}
