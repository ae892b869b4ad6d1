// Made from en.json by "npm run words".
import { plural } from '../../../ui/language'

export const messages = {
  nameWasNotTakenInMessage: (a: { name: string | number; message: string | number }) =>
    `"${a.name}" was not taken in. ${a.message}`,
  putPicturesIn: () => `Put pictures in`,
  aWholeFolder: () => `A whole folder`,
  orDropThemHereOrPaste: () => `or drop them here, or paste one`,
  aWholeFolderOfPictures: () => `A whole folder of pictures`,
  doneOfPicturesTakenIn: (a: { done: string | number; of: number }) =>
    `${a.done} of ${plural(a.of, { one: `${a.of} picture`, other: `${a.of} pictures` })} taken in…`,
  stoppedAfterDoneOfOf: (a: { done: string | number; of: string | number }) =>
    `; stopped after ${a.done} of ${a.of}`,
  picturesTakenInDone: (a: { arrived: number; done: string | number }) =>
    `${plural(a.arrived, { one: `${a.arrived} picture`, other: `${a.arrived} pictures` })} taken in${a.done}.`,
  stop: () => `Stop`,
  putThisAway: () => `Put this away`,
  thereAlreadyAndNotTakenTwice: (a: { join: string | number }) =>
    `There already, and not taken twice: ${a.join}.`,
  thePictureIsGoneWhatWas: () => `The picture is gone; what was set on it stays.`,
  setNextWithTheKeyboardIt: (a: { next: string | number }) =>
    `Set ${a.next}: with the keyboard it comes to the middle, and the arrow keys move it`,
  nameProposed: (a: { name: string | number }) => `${a.name}, proposed`,
  saysXFromTheLeftY: (a: { says: string | number; x: string | number; y: string | number }) =>
    `${a.says}, ${a.x} % from the left, ${a.y} % from above`,
  book: () => `Book`,
  page: () => `Page`,
  noteNumber: (a: { number: string | number }) => `note ${a.number}`,
}
