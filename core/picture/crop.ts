/** Where a picture is cut when it fills a frame. */
export interface Crop {
  /** object-position, whole percent. */
  x: number;
  y: number;
  /** Share of the picture that is not seen, 0..1. */
  loss: number;
}

/** Where the shown part of a picture begins, whole percent of what is cut off of it. */
function position(focalAt: number, whole: number, shown: number): number {
  const room = whole - shown;
  if (room <= 1e-9) return 50;
  const start = Math.max(0, Math.min(room, focalAt * whole - shown / 2));
  return Math.round((100 * start) / room);
}

/**
 * Fills a frame: the focal point comes as near to the frame's centre as the picture's edges allow (calculations §9).
 * @param frameRatio width to height of the frame
 * @param pictureRatio width to height of the picture
 * @param focal 0..1 of width and height
 */
export function fillCrop(frameRatio: number, pictureRatio: number, focal: { x: number; y: number }): Crop {
  // In units of the picture's own height: the shown part is w × h of pictureRatio × 1.
  const w = Math.min(pictureRatio, frameRatio);
  const h = Math.min(1, pictureRatio / frameRatio);
  return {
    x: position(focal.x, pictureRatio, w),
    y: position(focal.y, 1, h),
    loss: 1 - (w * h) / pictureRatio,
  };
}
