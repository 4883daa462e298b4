import { useEffect, useState } from 'react';

/** A value some frames after it changed, so that the parts of a screen are not all drawn in one frame. */
export function useLater<T>(value: T, frames: number): T {
  const [later, setLater] = useState(value);
  useEffect(() => {
    let left = frames;
    let asked = requestAnimationFrame(function wait() {
      left -= 1;
      if (left > 0) asked = requestAnimationFrame(wait);
      else setLater(value);
    });
    return () => cancelAnimationFrame(asked);
  }, [value, frames]);
  return later;
}
