import type { DragEvent } from 'react'

/** Begins moving a thing within a list; some browsers only drag what carries data. */
export function startDrag(event: DragEvent) {
  event.dataTransfer.effectAllowed = 'move'
  event.dataTransfer.setData('text/plain', '')
  event.stopPropagation()
}
