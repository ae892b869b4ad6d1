import { createContext, useContext } from 'react'

/** Whether the page is shown, or still waits for what it reads. */
export const Shown = createContext(true)

/** Whether the page around is shown; what is not cannot take the keyboard. */
export const useShown = () => useContext(Shown)
