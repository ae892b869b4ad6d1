import { useEffect, useState } from 'react'

/** Width ÷ height of a picture, once the browser has it; undefined before. */
export function useRatio(src: string): number | undefined {
  const [found, setFound] = useState<{ src: string; ratio: number }>()
  useEffect(() => {
    if (!src) {
      return
    }
    const picture = new Image()
    picture.onload = () => setFound({ src, ratio: picture.naturalWidth / picture.naturalHeight })
    picture.src = src
    return () => {
      picture.onload = null
    }
  }, [src])
  return found?.src === src ? found.ratio : undefined
}
