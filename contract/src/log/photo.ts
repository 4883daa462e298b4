/** What a photo may be when it is sent; it is kept as WebP, without anything but the picture. */
export const PHOTO_TYPES = ['image/jpeg', 'image/png', 'image/webp', 'image/avif'] as const;
export const KEPT_PHOTO_TYPE = 'image/webp';
/** The most that is taken, bytes. */
export const MOST_PHOTO_BYTES = 20 * 1024 ** 2;
