import type { Said } from '../said'

export const weighedG = 'Weighed, g'
export const readOffMl = 'Read off, ml'
export const asPlanned = 'As planned'
export const notKnown = 'Not known'
export const partHowYouKnow = (letter: Said) => `Part ${letter}: how you know`
export const partUsed = (letter: Said) => `Part ${letter} used`
export const planned = (amount: Said) => `planned ${amount}`
export const takenAsPlanned = (amount: Said) => `taken as planned: ${amount}`
export const thePour = 'The pour'
export const writeItDown = 'Write it down'
export const whatItTook = 'What it took'
export const nothingOfItIsOnThePieceYetThisCanBe =
    'Nothing of it is on the piece yet: this can be written down when it is.'
export const thatItIsOnThePieceIsOnItsWayToThe =
    'That it is on the piece is on its way to the studio: write on, it can be kept when that has arrived.'
export const oneNoteWhatWentWellWhatDidNot = 'One note: what went well, what did not'
export const aPhoto = 'A photo'
export const anotherPhoto = 'Another photo'
export const takeOrChooseOne = 'Take or choose one'
export const thePourAsItWasPhotographed = 'The pour as it was photographed'
export const weighedInTheTrayBelowIt = 'Weighed in the tray below it'
export const whatRanOffWithoutTheTray = 'what ran off, without the tray'
export const whatRanOffWithoutTheTrayGWereSaid = (g: Said) => `what ran off, without the tray: ${g} g were said`
export const thisPhotoIsLargerThanMBChooseASmaller = (megabytes: Said) =>
    `This photo is larger than ${megabytes} MB: choose a smaller one.`
export const thisIsNotAPhotoThatCanBeReadChooseA =
    'This is not a photo that can be read: choose a JPEG, PNG or WebP file.'
export const thisPhotoHasMoreThanMegapixelsChooseA = (megapixels: Said) =>
    `This photo has more than ${megapixels} megapixels: choose a smaller one.`
export const inRakingLight = (megabytes: Said) =>
    `In raking light, if you can. JPEG, PNG or WebP, up to ${megabytes} MB.`
export const leftInTheCup = 'Left in the cup'
export const theCupWeighedBack = 'the cup weighed back, less the empty cup'
export const theCupWeighedBackShared =
    'the whole cup weighed back, less the empty one: each of its pieces bears its share'
